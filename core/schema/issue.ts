import type { z } from 'zod';

/** The first complaint of a failed check, with where it is, in words. */
export function firstIssue(error: z.ZodError): string {
	const issue = error.issues[0];
	if (!issue) return 'It could not be read.';
	// The lesson may itself stand inside a message, so its steps may be anywhere on the way.
	const index = issue.path[issue.path.indexOf('steps') + 1];
	const where = issue.path.includes('steps') && typeof index === 'number' ? `Step ${index + 1}: ` : '';
	return where + inWords(issue);
}

/** What a schema says of itself is written for who wrote it; whoever reads is told what to do instead. */
function inWords(issue: z.core.$ZodIssue): string {
	if (!/^(Invalid|Too (big|small)|Unrecognized|Expected)/.test(issue.message)) return issue.message;
	const [field] = issue.path.filter((part) => typeof part === 'string').slice(-1);
	return `${field === undefined ? 'It' : `“${field}”`} is not right. Use a file that was saved here, or correct it.`;
}
