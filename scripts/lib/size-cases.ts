/** Cases of known answers about sizes, strain, slack and how a fabric lies. */

import { z } from 'zod';
import {
	aboutNeedle,
	castOnForWidth,
	fabricFromParents,
	learntFrom,
	loopLength,
	RELAXED,
	relax,
	repeatsForLength,
	sizeBefore,
	strainOf,
	strainVerdict,
	FIBRES,
	TENSIONS_OF_HAND,
} from '../../core/fabric/index.ts';

const n = z.number();
const Size = z.object({ widthCm: n, lengthCm: n });
const expect = <T extends z.ZodRawShape>(shape: T): { id: z.ZodOptional<z.ZodString>; expect: z.ZodObject<T> } => ({
	id: z.string().optional(),
	expect: z.object(shape),
});
const Long = z.object({ repeats: n, lengthCm: n });
const Wide = z.object({ repeats: n, castOn: n, widthCm: n });

export const SizeCase = z.discriminatedUnion('ask', [
	z.object({
		ask: z.literal('repeats-for-length'),
		rowsPer10cm: n,
		setUpRows: n,
		borderRows: n,
		repeatRows: n,
		lengthCm: n,
		...expect({ below: Long, above: Long, nearer: n }),
	}),
	z.object({
		ask: z.literal('cast-on-for-width'),
		stitchesPer10cm: n,
		edgeStitches: n,
		multiple: n,
		plus: n,
		takeUp: n,
		widthCm: n,
		...expect({ below: Wide, above: Wide, nearer: n }),
	}),
	z.object({
		ask: z.literal('loop-length'),
		stitchesPer10cm: n,
		rowsPer10cm: n,
		state: z.enum(RELAXED),
		...expect({ loopMm: n }),
	}),
	z.object({
		ask: z.literal('size-before'),
		measured: z.object({ before: Size, after: Size }),
		wanted: Size,
		...expect({ widthCm: n, lengthCm: n }),
	}),
	z.object({
		ask: z.literal('round-needle'),
		circumferenceCm: n,
		needleCm: n,
		...expect({ fits: z.boolean(), spareCm: n }),
	}),
	z.object({ ask: z.literal('learnt'), default: n, weight: n, measures: z.array(n), ...expect({ value: n }) }),
	z.object({
		ask: z.literal('strain'),
		stitchesPer10cm: n,
		rowsPer10cm: n,
		travel: n,
		rowsSince: n,
		fibre: z.enum(FIBRES),
		tension: z.enum(TENSIONS_OF_HAND),
		...expect({ strain: n, verdict: z.string() }),
	}),
	z.object({
		ask: z.literal('lies-across'),
		stitchWidthMm: n,
		cords: z.array(n),
		parents: z.array(z.array(n)),
		...expect({ middle: z.array(n), top: z.array(n) }),
	}),
]);
type SizeCase = z.infer<typeof SizeCase>;

function answer(asked: SizeCase): unknown {
	switch (asked.ask) {
		case 'repeats-for-length':
			return repeatsForLength(asked);
		case 'cast-on-for-width':
			return castOnForWidth(asked);
		case 'loop-length':
			return {
				loopMm: 10 * loopLength({ stitches: asked.stitchesPer10cm, rows: asked.rowsPer10cm }, asked.state),
			};
		case 'size-before':
			return sizeBefore(asked.measured, asked.wanted);
		case 'round-needle':
			return aboutNeedle(asked.circumferenceCm, asked.needleCm);
		case 'learnt':
			return { value: learntFrom(asked.default, asked.measures, asked.weight) };
		case 'strain': {
			const strain = strainOf({
				travel: asked.travel,
				rows: asked.rowsSince,
				gauge: { stitches: asked.stitchesPer10cm, rows: asked.rowsPer10cm },
				fibre: asked.fibre,
				tension: asked.tension,
			});
			return { strain, verdict: strainVerdict(strain) };
		}
		case 'lies-across': {
			const { x } = relax(fabricFromParents(asked.cords, asked.parents), { tolerance: 1e-7 });
			const row = (i: number): number[] => [...x[i]!].map((at) => (at - x[i]![0]!) * asked.stitchWidthMm);
			return { middle: row(asked.parents.length >> 1), top: row(asked.parents.length) };
		}
	}
}

/** Numbers to four places; what differs first, by its name. */
function unlike(is: unknown, wanted: unknown, name: string): string | undefined {
	if (typeof wanted === 'number') {
		return Math.abs(Number(is) - wanted) <= 1e-4 ? undefined : `${name} is ${String(is)}, not ${wanted}`;
	}
	if (typeof wanted !== 'object' || wanted === null) {
		return is === wanted ? undefined : `${name} is ${String(is)}, not ${String(wanted)}`;
	}
	for (const [key, value] of Object.entries(wanted)) {
		const off = unlike((is as Record<string, unknown>)[key], value, name ? `${name}.${key}` : key);
		if (off) return off;
	}
	return undefined;
}

export const checkSize = (asked: SizeCase): string | undefined => unlike(answer(asked), asked.expect, '');
