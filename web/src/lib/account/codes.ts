/** The recovery codes in what a form was answered with, when there are any. */
export const codesIn = (answer: unknown): readonly string[] | undefined => {
	const codes = answer instanceof Object && 'codes' in answer ? answer.codes : undefined;
	return Array.isArray(codes) && codes.every((c) => typeof c === 'string') ? codes : undefined;
};
