/** Copies what stands in a field, and says so; where that is not allowed, it is chosen, to be copied by hand. */
export async function copied(field: HTMLInputElement | HTMLTextAreaElement | undefined): Promise<string> {
	try {
		await navigator.clipboard.writeText(field?.value ?? '');
		return 'Copied.';
	} catch {
		field?.select();
		return 'It is chosen: copy it with Ctrl C.';
	}
}
