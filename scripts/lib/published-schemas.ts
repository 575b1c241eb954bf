/** What docs/formats holds: file names with their content. */

import { z } from 'zod';
import { LessonSchema } from '../../core/lesson/index.ts';
import { SwatchSchema } from '../../core/schema/index.ts';

const PUBLISHED = { 'swatch.schema.json': SwatchSchema, 'lesson.schema.json': LessonSchema };

export function publishedSchemas(): readonly (readonly [name: string, text: string])[] {
	return Object.entries(PUBLISHED).map(([name, schema]) => {
		// What files may hold: the shape before it is checked by the model's own rules.
		const made = z.toJSONSchema(schema, { io: 'input' });
		return [name, `${JSON.stringify(made, null, '\t')}\n`];
	});
}
