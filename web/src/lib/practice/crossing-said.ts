/** A crossing that is kept by slashes, by its name in a school, or in the one that names nearly all. */

import { readName, writtenIn, type SchoolId } from '@pond-loop/core/notation';

export function crossingSaid(bySlashes: string, school: SchoolId): string {
	const read = readName(bySlashes, 'slash');
	return (read.ok ? writtenIn(school, read.crossing)?.text : undefined) ?? bySlashes;
}
