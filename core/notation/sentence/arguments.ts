/** What a clause says besides its verb: how many, from where, to where, on which side, how. What says nothing where it stands is named. */

import { NUMBER_WORDS } from '../name-words.ts';
import type { Clause, HolderName, LoopSource, Token, Verb } from './clause.ts';

/** What a needle is called by. */
const NEEDLES: ReadonlySet<string> = new Set(['LeftNeedle', 'LeftWord', 'RightWord', 'Hand', 'Needle']);
/** What a holder, or its ordinal, may begin with. */
const BEGINS_HOLDER: ReadonlySet<string> = new Set(['Holder', 'Cable', 'Ordinal', 'Count']);

export type Arguments = Omit<Clause, 'verb' | 'text' | 'at' | 'opens' | 'closed'>;
type ArgumentsSoFar = { -readonly [K in keyof Arguments]: Arguments[K] };

export function readArguments(tokens: readonly Token[], verb: Verb): ArgumentsSoFar {
	const reader = new ArgumentReader(tokens, verb);
	reader.readAll();
	return reader.found;
}

/** "as to purl", "as if to knit": how the needle goes in, and not something to do. */
export function isManner(tokens: readonly Token[], i: number): boolean {
	const term = tokens[i]?.term;
	if (term !== 'Knit' && term !== 'Purl') return false;
	if (tokens[i - 1]?.term !== 'To') return false;
	const before = tokens[i - 2]?.text === 'if' ? tokens[i - 3] : tokens[i - 2];
	return before?.text === 'as';
}

class ArgumentReader {
	readonly found: ArgumentsSoFar = {
		several: false,
		single: false,
		inner: false,
		rightmost: false,
		into: false,
		tbl: false,
	};
	readonly #tokens: readonly Token[];
	readonly #verb: Verb;
	#at = 0;
	#preposition: 'from' | 'to' | undefined;
	#isOf = false;

	constructor(tokens: readonly Token[], verb: Verb) {
		this.#tokens = tokens;
		this.#verb = verb;
	}

	readAll(): void {
		while (this.#at < this.#tokens.length) {
			const token = this.#tokens[this.#at]!;
			const holder = BEGINS_HOLDER.has(token.term) ? this.#holderAt(this.#at) : undefined;
			if (holder) {
				this.#put({ kind: 'holder', which: holder.which });
				this.#at = holder.end;
				continue;
			}
			this.#read(token);
			this.#at += 1;
		}
	}

	#read(token: Token): void {
		switch (token.term) {
			case 'Count':
				return this.#count(token);
			case 'Number':
				return this.#setCount(token, token.text === 'all' ? 'all' : NUMBER_WORDS.indexOf(token.text) + 1);
			case 'Ordinal':
				return this.#ordinal(token);
			case 'As':
				return this.#as(token);
			case 'Stitch':
				return this.#stitch(token);
			case 'From':
			case 'To':
				return this.#fromOrTo(token);
			case 'Through':
				return this.#through();
			case 'LeftNeedle':
			case 'LeftWord':
			case 'RightWord':
				return this.#needle(token);
			case 'Front':
			case 'Back':
			case 'Behind':
				return this.#side(token);
			default:
				return this.#plain(token);
		}
	}

	/** Words that say one thing each, wherever they stand. */
	#plain({ term, text }: Token): void {
		const { found } = this;
		if (term === 'RightMost') found.rightmost = true;
		else if (term === 'Tbl') found.tbl = true;
		else if (term === 'CentreWord') found.inner = true;
		else if (term === 'Of') this.#isOf = true;
		else if (term === 'Them' && text !== 'it') found.several = true;
		else if (term === 'Wise') found.wise = text.startsWith('k') ? 'knit' : 'purl';
		else if (term === 'YarnBack' || term === 'YarnFront') found.yarn = term === 'YarnBack' ? 'back' : 'front';
		else if (isManner(this.#tokens, this.#at)) found.wise = term === 'Knit' ? 'knit' : 'purl';
	}

	#term(ahead: number): string | undefined {
		return this.#tokens[this.#at + ahead]?.term;
	}

	#skipFillers(at: number): number {
		let next = at;
		while (this.#tokens[next]?.term === 'Filler' || this.#tokens[next]?.term === 'Dash') next += 1;
		return next;
	}

	/** The number of a holder at a place, `first cn` or `2nd cn`; gives where it ends. */
	#whichAt(at: number): { which: HolderName; end: number } {
		const token = this.#tokens[at];
		if (token?.term === 'Ordinal') {
			const which = token.text === 'first' || token.text === 'second' ? token.text : 'other';
			return { which, end: this.#skipFillers(at + 1) };
		}
		const suffix = this.#tokens[at + 1]?.text;
		if (token?.term === 'Count' && (suffix === 'st' || suffix === 'nd'))
			return { which: token.text === '1' ? 'first' : 'second', end: this.#skipFillers(at + 2) };
		return { which: undefined, end: at };
	}

	/** A holder at a place in the tokens, with its ordinal; gives where it ends. */
	#holderAt(start: number, bare = false): { which: HolderName; end: number } | undefined {
		const { which, end: at } = this.#whichAt(this.#skipFillers(start));
		const token = this.#tokens[at];
		if (token?.term === 'Holder') {
			// "cn1" and "cn2", written together.
			const number = this.#tokens[at + 1];
			const isNumbered = number?.term === 'Count' && number.from === token.to && /^[12]$/.test(number.text);
			return isNumbered ? { which: number.text === '1' ? 'first' : 'second', end: at + 2 } : { which, end: at + 1 };
		}
		if (bare && which && !token) return { which, end: at };
		if (token?.term !== 'Cable') return undefined;
		const needle = this.#skipFillers(at + 1);
		return { which, end: this.#tokens[needle]?.term === 'Needle' ? needle + 1 : at + 1 };
	}

	#put(place: LoopSource): void {
		const { found } = this;
		if (this.#preposition === 'from') found.source = place;
		// “In front of the left needle” is in front; of the right one nothing waits to be crossed.
		else if (this.#preposition === 'to' || (this.#isOf && place.kind === 'right')) found.target = place;
		else if (place.kind === 'holder') found.holder = { which: place.which };
		else if (found.source || found.target) this.#idle(this.#tokens[this.#at]!);
		this.#preposition = undefined;
		this.#isOf = false;
	}

	#idle(token: Token): void {
		this.found.idle ??= token;
	}

	#setCount(token: Token, count: number | 'all'): void {
		if (this.found.count === undefined) this.found.count = count;
		else this.#idle(token);
	}

	#count(token: Token): void {
		const next = this.#tokens[this.#at + 1];
		const isNth = next?.from === token.to && (next.term === 'Suffix' || next.text === 'st');
		if (!isNth) return this.#setCount(token, Number(token.text));
		this.found.nth = Number(token.text);
		this.#at += 1;
	}

	/** “The first st”; “the other sts” only tells them from those before. */
	#ordinal(token: Token): void {
		if (token.text === 'first' || token.text === 'second') this.found.nth = token.text === 'first' ? 1 : 2;
		else if (this.#tokens[this.#skipFillers(this.#at + 1)]?.term !== 'Stitch') this.#idle(token);
	}

	/** Only before “to knit” or “to purl”. */
	#as(token: Token): void {
		const next = this.#tokens[this.#at + 1]?.text === 'if' ? this.#at + 2 : this.#at + 1;
		const isBefore = token.text === 'as' ? isManner(this.#tokens, next + 1) : this.#tokens[this.#at - 1]?.text === 'as';
		if (!isBefore) this.#idle(token);
	}

	#stitch(token: Token): void {
		if (this.#preposition === 'to' && this.#tokens[this.#at - 1]?.term !== 'Loop') this.found.into = true;
		if (/s$/.test(token.text)) this.found.several = true;
		else this.found.single = true;
	}

	/** “On to” is one word, and so is “off of”; “to from” is none. */
	#fromOrTo(token: Token): void {
		const before = this.#tokens[this.#at - 1];
		const isTwo = before?.term === 'From' || before?.term === 'To';
		const isOnto = token.text === 'to' && (before?.text === 'on' || before?.text === 'in');
		const after = this.#tokens[this.#skipFillers(this.#at + 1)]?.term;
		const isSide = after === 'Front' || after === 'Back';
		if ((isTwo && (!isOnto || isSide)) || this.#at === this.#tokens.length - 1) this.#idle(token);
		this.#preposition = token.term === 'From' ? 'from' : 'to';
	}

	/** Through the front of it is how every stitch is worked; the back, or nothing said, twists it. */
	#through(): void {
		let isFront = false;
		while (this.#at + 1 < this.#tokens.length && this.#term(1) !== 'Loop') {
			this.#at += 1;
			const token = this.#tokens[this.#at]!;
			isFront ||= token.term === 'Front';
			if (token.term !== 'Front' && token.term !== 'Back' && token.term !== 'Filler') this.#idle(token);
		}
		this.found.tbl = !isFront;
	}

	#needleEnd(): number | undefined {
		if (this.#term(0) === 'LeftNeedle') return this.#at + 1;
		let at = this.#skipFillers(this.#at + 1);
		if (this.#tokens[at]?.term === 'Hand') at = this.#skipFillers(at + 1);
		return this.#tokens[at]?.term === 'Needle' ? at + 1 : undefined;
	}

	/** `left needle`, `RH needle`, `left-most`. */
	#needle(token: Token): void {
		const dash = this.#term(1) === 'Dash' ? 2 : 1;
		if (this.#term(dash) === 'Most') {
			this.found.inner = token.term === 'LeftWord';
			this.#at += dash;
			return;
		}
		const end = this.#needleEnd();
		if (end === undefined) return this.#idle(token);
		this.#put({ kind: token.term === 'RightWord' ? 'right' : 'left' });
		this.#at = end - 1;
	}

	#side(token: Token): void {
		const { found } = this;
		// "back to the left needle" is a way of putting, not a side; "in back on the cn" is a side.
		const onto = this.#term(1) === 'To' ? this.#tokens[this.#skipFillers(this.#at + 2)]?.term : undefined;
		if (token.term === 'Back' && onto && NEEDLES.has(onto)) return;
		// "into the back loop", "in the front leg".
		if (this.#term(1) === 'Loop') {
			found.tbl = token.term === 'Back';
			this.#preposition = undefined;
			return;
		}
		const beside = this.#besideAt(token);
		if (beside) {
			found.beside = { where: token.term === 'Front' ? 'nearer' : 'further', which: beside.which };
			this.#at = beside.end - 1;
		} else this.#setSide(token);
		this.#isOf = token.term === 'Behind' && !beside;
		this.#preposition = undefined;
	}

	/** `in front of the first cn`, `behind the second`. */
	#besideAt(token: Token): { which: HolderName; end: number } | undefined {
		if (this.#term(1) === 'Of') return this.#holderAt(this.#at + 2, true);
		return token.term === 'Behind' ? this.#holderAt(this.#at + 1, true) : undefined;
	}

	#setSide(token: Token): void {
		const { found } = this;
		const side = token.term === 'Front' ? 'front' : 'back';
		// Of what is slipped or worked a side needs its “in”; “hold front” does without.
		const isHung = this.#verb === 'hold' || this.#verb === 'bring';
		const isBare = this.#preposition === undefined && !isHung && this.#tokens[this.#at - 1]?.term !== 'Holder';
		const isOther = found.side !== undefined && found.side !== side;
		if ((isBare && (token.term !== 'Behind' || this.#verb === 'slip')) || isOther) this.#idle(token);
		found.side ??= side;
	}
}
