/** A crossing as a glossary sentence, in the order in which the hands do it. */

import {
	asThreeGroups,
	asTwoGroups,
	holdSide,
	type Crossing,
	type StitchNumber,
	equal,
	type Work,
} from '../../crossing/index.ts';
import { search, type HolderId, type Move } from '../../handling/index.ts';
import { readSentence } from './run.ts';

const SAYS: Readonly<Record<Work, (count: number) => string>> = {
	k: (n) => `k${n}`,
	p: (n) => `p${n}`,
	ktbl: (n) => `k${n} tbl`,
	ptbl: (n) => `p${n} tbl`,
};

/** "k2, p1" for neighbours worked one after another, with what follows each of them. */
function works(c: Crossing, stitches: readonly StitchNumber[], after = ''): string[] {
	const runs: { work: Work; count: number }[] = [];
	for (const s of stitches) {
		const work = c.work[s - 1]!;
		const last = runs.at(-1);
		if (last?.work === work) last.count += 1;
		else runs.push({ work, count: 1 });
	}
	return runs.map(({ work, count }) => SAYS[work](count) + after);
}

const sts = (count: number): string => (count === 1 ? '1 st' : `${count} sts`);

/**
 * A sentence for a crossing, each stitch worked in any way: the usual one for two or three groups, for
 * others the moves of the shortest procedure with one or two holders; `undefined` when there is none
 * that says everything. Run, it gives exactly the crossing. For left hands (`mirrored`) left and right change
 * places in its words: they work from the right needle, and the last stitch of a group is its right-most.
 */
export function sentenceFor(c: Crossing, mirrored = false): string | undefined {
	const sentence = usualSentence(c) ?? searchedSentence(c);
	return mirrored ? sentence?.replace(/\b(left|right)\b/g, (word) => (word === 'left' ? 'right' : 'left')) : sentence;
}

/** Positions that are looked at for a sentence; longer ones nobody would read aloud. */
const BUDGET = 20_000;

function searchedSentence(c: Crossing): string | undefined {
	const found = search(c, { loose: 0, allow: ['hold', 'swing', 'return', 'off-holder'], budget: BUDGET });
	if (!found.ok || c.over.length === 0) return undefined;
	const sentence = sentenceOf(found.moves);
	const read = readSentence(sentence);
	return read.ok && read.value.length === 1 && equal(read.value[0]!.crossing, c) ? sentence : undefined;
}

/** Moves with holders as clauses; the yarn is not told, hands bring it. */
function sentenceOf(moves: readonly Move[]): string {
	const two = moves.some((m) => m.kind === 'hold' && m.holder === 'holder-2');
	const cn = (id: HolderId): string => (two ? `${id === 'holder-1' ? 'first' : 'second'} cn` : 'cn');
	const clauses: string[] = [];
	const places = new Map<HolderId, { side: 'front' | 'back'; depth: 'inner' | 'outer' }>();
	let run: { what: string; from: 'left' | HolderId; count: number } | undefined;
	const flush = (): void => {
		if (run)
			clauses.push(`${run.what.replace('#', String(run.count))}${run.from === 'left' ? '' : ` from ${cn(run.from)}`}`);
		run = undefined;
	};
	for (const move of moves) {
		if (move.kind === 'work') {
			const what = `${move.stitch}#${move.leg === 'back' ? ' tbl' : ''}`;
			if (run?.what === what && run.from === move.from) run.count += 1;
			else {
				flush();
				run = { what, from: move.from, count: 1 };
			}
			continue;
		}
		if (move.kind === 'yarn') continue;
		flush();
		if (move.kind === 'hold') {
			const { side, depth = 'inner' } = move;
			const [other, place] = [...places].find(([id]) => id !== move.holder) ?? [];
			// In front the outer place is the nearer one, at the back the inner.
			const nearer = (depth === 'outer') === (side === 'front');
			const beside = other && place?.side === side ? `, ${nearer ? 'in front of' : 'behind'} the ${cn(other)}` : '';
			clauses.push(`sl ${sts(move.count)} to ${cn(move.holder)} and hold in ${side}${beside}`);
			places.set(move.holder, { side, depth });
		} else if (move.kind === 'swing') {
			clauses.push(`bring ${cn(move.holder)} to the ${move.side}`);
			places.set(move.holder, { side: move.side, depth: move.depth ?? 'inner' });
		} else if (move.kind === 'return' && move.from !== 'right') {
			clauses.push(
				`return the left-most ${move.count === 1 ? 'st' : sts(move.count)} from ${cn(move.from)} to left needle`,
			);
		}
	}
	flush();
	return clauses.join(', ');
}

function usualSentence(c: Crossing): string | undefined {
	const two = asTwoGroups(c);
	if (two) {
		const where = holdSide(two.lean);
		const steps = [...works(c, two.far), ...works(c, two.tip, ' from cn')];
		return `sl ${sts(two.tip.length)} to cn and hold in ${where}, ${steps.join(', ')}`;
	}
	const three = asThreeGroups(c);
	if (!three) return undefined;
	const { tip, centre, far, lean, lies } = three;
	const where = holdSide(lean);
	if (lies === 'behind' && where === 'front') {
		return [
			`sl ${sts(tip.length)} to first cn and hold in front`,
			`sl ${sts(centre.length)} to second cn and hold in back`,
			...works(c, far),
			...works(c, centre, ' from second cn'),
			...works(c, tip, ' from first cn'),
		].join(', ');
	}
	return [
		`sl ${sts(tip.length + centre.length)} to cn and hold in ${where}`,
		...works(c, far),
		`return the left-most ${centre.length === 1 ? 'st' : sts(centre.length)} from cn to left needle`,
		...(lies === 'behind' ? ['bring cn to front'] : []),
		...works(c, centre),
		...works(c, tip, ' from cn'),
	].join(', ');
}
