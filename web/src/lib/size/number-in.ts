/** Numbers of the size page's fields. */

/** What stands in a number field; undefined while it is empty or no number. */
export function numberIn(event: Event): number | undefined {
	const { valueAsNumber } = event.currentTarget as HTMLInputElement;
	return Number.isFinite(valueAsNumber) ? valueAsNumber : undefined;
}

/** With one decimal where it has one: 22, 22.5. */
export const oneDecimalSaid = (n: number): string => n.toFixed(1).replace('.0', '');
