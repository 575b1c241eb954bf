/** What the server answers, checked: anything that tells whether a value is what it should be. */
export interface Reader<T> {
	readonly safeParse: (value: unknown) => { readonly success: boolean; readonly data?: T | undefined };
}

type Kinds = Readonly<Record<string, 'string' | 'number'>>;
type Fields<K extends Kinds> = { readonly [F in keyof K]: K[F] extends 'string' ? string : number };

/** An object with these fields, whatever else it has. Small answers are read so, without the weight of schemas. */
export const fields = <const K extends Kinds>(kinds: K): Reader<Fields<K>> => ({
	safeParse: (value) => {
		const given = value instanceof Object ? (value as Record<string, unknown>) : undefined;
		const success = given !== undefined && Object.entries(kinds).every(([name, kind]) => typeof given[name] === kind);
		return success ? { success, data: given as Fields<K> } : { success: false };
	},
});

/** An answer that says no more than that it was done. */
export const DONE: Reader<object> = fields({});

/** A field that is a list of what another reader reads. */
export const listIn = <N extends string, T>(name: N, each: Reader<T>): Reader<{ readonly [K in N]: readonly T[] }> => ({
	safeParse: (value) => {
		const list = value instanceof Object ? (value as Record<string, unknown>)[name] : undefined;
		const success = Array.isArray(list) && list.every((one) => each.safeParse(one).success);
		return success ? { success, data: value as { readonly [K in N]: readonly T[] } } : { success: false };
	},
});
