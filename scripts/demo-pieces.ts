/** Pictures of pieces for the demo: swatches as they will lie, drawn, as nobody took pictures of what is made up. */

import sharp from 'sharp';
import { z } from 'zod';
import type { ClassFile, Press } from '../core/class/index.ts';
import { drawLie, toSvg } from '../core/drawing/index.ts';
import { ASSUMED_GAUGE, cellOf, relax } from '../core/fabric/index.ts';
import { DEFAULT_HOUSE_STYLE, type Swatch } from '../core/schema/index.ts';
import { check, loopsThatLie } from '../core/swatch/index.ts';
import type { Queryable } from '../web/src/lib/server/database.ts';
import { madeSmall, putPicture } from '../web/src/lib/server/pictures.ts';
import type { Teacher } from '../web/src/lib/server/teachers.ts';

export const PiecesFile = z.object({
	class: z.string(),
	pieces: z.array(
		z.object({ day: z.string(), at: z.string(), person: z.string(), swatch: z.string(), what: z.string() }),
	),
});
export type PiecesFile = z.infer<typeof PiecesFile>;

/** Points of a picture's width, and of the cloth that it lies on. */
const WIDE = 700;

async function pictured(swatch: Swatch): Promise<Buffer> {
	const { worked, cords } = check(swatch, DEFAULT_HOUSE_STYLE.glossary);
	const lies = relax(loopsThatLie(worked, cords));
	const drawing = drawLie(worked, cords, lies, {
		light: 'day',
		side: 'RS',
		cell: cellOf(ASSUMED_GAUGE),
		unit: 'cm',
		label: swatch.title,
	});
	return sharp(Buffer.from(toSvg(drawing, WIDE)))
		.flatten({ background: '#e8e2d4' })
		.png()
		.toBuffer();
}

/** The file with its pieces pressed; the pictures are kept by the teacher. */
export async function withDemoPieces(
	teacher: Teacher,
	file: ClassFile,
	{ pieces }: PiecesFile,
	swatches: readonly Swatch[],
	on: Queryable,
): Promise<ClassFile> {
	const evenings = [];
	for (const one of file.evenings) {
		const presses: Press[] = [];
		for (const { day, at, person, swatch, what } of pieces) {
			if (day !== one.evening.day) continue;
			const [whose, drawn] = [
				file.class.people.find((p) => p.name === person),
				swatches.find((s) => s.title === swatch),
			];
			if (!whose || !drawn) throw new Error(`A piece of the demo is of nobody, or of no swatch: ${person}, ${swatch}.`);
			const id = crypto.randomUUID();
			const { width, height, jpeg } = (await madeSmall(await pictured(drawn)))!;
			await putPicture(teacher, { id, width, height, jpeg }, on);
			presses.push({
				id: crypto.randomUUID(),
				at: `${day}T${at}.000Z`,
				did: { kind: 'piece', person: whose.id, picture: { id, width, height }, what },
			});
		}
		evenings.push({ ...one, presses: [...one.presses, ...presses] });
	}
	return { ...file, evenings };
}
