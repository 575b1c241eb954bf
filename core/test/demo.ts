/** The lessons and swatches of the demo, for tests of what is said of them. */

import { readdirSync, readFileSync } from 'node:fs';
import { LessonSchema, type Lesson } from '../lesson/index.ts';
import { SwatchSchema, type Swatch } from '../schema/index.ts';

const folder = new URL('../../db/demo/', import.meta.url);
const documents = (of: URL): readonly unknown[] =>
	readdirSync(of)
		.filter((name) => name.endsWith('.json'))
		.map((name) => JSON.parse(readFileSync(new URL(name, of), 'utf8')) as unknown);

export const demoLessons: readonly Lesson[] = documents(folder).map((lesson) => LessonSchema.parse(lesson));
export const demoSwatches: readonly Swatch[] = documents(new URL('swatches/', folder)).map((swatch) =>
	SwatchSchema.parse(swatch),
);
