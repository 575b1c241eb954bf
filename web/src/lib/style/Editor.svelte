<script lang="ts">
	import { ownWayId } from '@pond-loop/core/craft';
	import { readGlossary, wordsFor } from '@pond-loop/core/notation';
	import { DEFAULT_HOUSE_STYLE, HOUSE_STYLE_LIMITS, type HouseStyle } from '@pond-loop/core/schema';
	import { saveWithPage } from '$lib/save/page';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import TwoVersions from '$lib/save/TwoVersions.svelte';
	import LazyPart from '$lib/ui/lazy/LazyPart.svelte';
	import { Interactive } from '$lib/ui/interactive.svelte';
	import type { PageLight } from '$lib/ui/light';
	import { keepStyle, type OpenedStyle } from './keep';
	import Logo from './Logo.svelte';
	import { CHOICES, linesOf, SIDE_WORDS, type ChoiceKey } from './options';
	import Pills from './Pills.svelte';
	import { sample } from './lazy-sample';
	import Select from './Select.svelte';

	interface Props {
		/** Whose it is: a draft in this tab is theirs alone. */
		owner: string;
		opened: OpenedStyle;
		light: PageLight;
	}
	const { owner, opened, light }: Props = $props();

	// svelte-ignore state_referenced_locally
	const save = keepStyle(owner, opened);
	saveWithPage(save);
	const interactive = new Interactive();
	const glossary = $derived(readGlossary(save.value.glossary));
	const style = $derived(save.value);

	const choose =
		<K extends ChoiceKey>(key: K) =>
		(value: HouseStyle[K]): void =>
			save.change({ ...style, [key]: value });

	const writeSide = (which: 'right' | 'wrong', word: string): void =>
		save.change({ ...style, sides: { ...style.sides, [which]: word } }, `side ${which}`);
</script>

<div
	class="grid items-start gap-x-8 gap-y-8 md:grid-cols-[minmax(0,1fr)_19rem] lg:gap-x-12 xl:grid-cols-[minmax(0,1fr)_27rem]"
	inert={!interactive.now}
>
	<div>
		<div class="flex flex-wrap items-center gap-x-5">
			<h1 class="grow text-4xl">Settings</h1>
			<div class="flex">
				<UndoRedo {save} />
			</div>
		</div>
		<div class="mt-1 flex flex-wrap justify-between gap-x-6">
			<p class="quiet">Your words, hands and tools. All pages and handouts use them.</p>
			<SaveNote {save} />
		</div>
		{#if save.state.kind === 'stale'}
			<TwoVersions
				what="Your settings"
				mine={{ lines: linesOf(style) }}
				theirs={{ lines: linesOf(save.state.theirs.value) }}
				keepMine={() => save.keepMine()}
				takeTheirs={() => save.takeTheirs()}
			/>
		{/if}

		<section class="border-base-300 mt-5 grid gap-5 border-t pt-5" aria-labelledby="style-names">
			<h2 id="style-names" class="text-xl">Abbreviations</h2>
			<Pills
				{...CHOICES.school}
				options={CHOICES.school.options(style)}
				value={style.school}
				choose={choose('school')}
			/>
			<div>
				<p class="lead">The sides of the fabric are called</p>
				<div class="mt-1.5 flex flex-wrap items-end gap-x-6 gap-y-2">
					{#each ['right', 'wrong'] as const as which, nth (nth)}
						<div>
							<label class="quiet block text-sm" for="side-{which}">{which} side</label>
							<input
								id="side-{which}"
								class="field w-40"
								value={style.sides[which]}
								aria-describedby="side-limit"
								oninput={(e) => writeSide(which, e.currentTarget.value)}
							/>
						</div>
					{/each}
					<p class="flex flex-wrap gap-x-4">
						{#each SIDE_WORDS as words, nth (nth)}
							<button type="button" class="wordlink" onclick={() => save.change({ ...style, sides: words })}
								>{words.right}, {words.wrong}</button
							>
						{/each}
					</p>
				</div>
				<div class="mt-5">
					<label class="lead block" for="style-glossary">Your own abbreviations come first</label>
					<textarea
						id="style-glossary"
						class="field grown w-full font-mono text-[0.92rem]"
						rows="2"
						placeholder="e.g. C4F: sl 2 sts to cn and hold in front, k2, k2 from cn"
						value={style.glossary}
						oninput={(e) => save.change({ ...style, glossary: e.currentTarget.value }, 'glossary')}></textarea>
					{#if glossary.problems.length > 0 || glossary.entries.some((e) => e.problems.length > 0)}
						{#await import('./ForeignLines.svelte') then { default: ForeignLines }}
							<ForeignLines glossary={style.glossary} replace={(text) => save.change({ ...style, glossary: text })} />
						{/await}
					{/if}
					{#each glossary.problems as problem, nth (nth)}
						<p class="text-error text-[0.94rem]">{problem.what} {problem.todo}</p>
					{/each}
					{#each glossary.entries as entry, nth (nth)}
						<p class="text-[0.94rem]" data-testid="entry">
							<span class="name font-bold">{entry.name}</span>
							{#if entry.problems[0]}
								<span class="text-error">{entry.problems[0].what} {entry.problems[0].todo}</span>
							{:else if entry.readings.length > 1}
								<span class="text-warning">unclear: {entry.readings.map((r) => r.differs).join('; or ')}</span>
							{:else}
								{wordsFor(entry.readings[0]!.crossing).title}
							{/if}
						</p>
					{/each}
				</div>
				<p id="side-limit" class="sr-only">At most {HOUSE_STYLE_LIMITS.sideWords} characters each.</p>
			</div>
		</section>

		<section class="border-base-300 mt-6 grid gap-5 border-t pt-5" aria-labelledby="style-hands">
			<h2 id="style-hands" class="text-xl">Hands</h2>
			<Pills
				{...CHOICES.demonstrates}
				options={CHOICES.demonstrates.options(style)}
				value={style.demonstrates}
				choose={choose('demonstrates')}
			/>
			<Pills
				{...CHOICES.yarnHand}
				options={CHOICES.yarnHand.options(style)}
				value={style.yarnHand}
				choose={choose('yarnHand')}
			/>
			<div>
				<p class="lead">Words to remember front and back</p>
				<div class="mt-1.5 grid gap-3">
					{#each ['right', 'left'] as const as which, nth (nth)}
						<div>
							<label class="quiet block text-sm" for="memory-{which}">{which}-handed; empty for none</label>
							<input
								id="memory-{which}"
								class="field w-full"
								dir="auto"
								maxlength={HOUSE_STYLE_LIMITS.memory}
								value={style.memory[which]}
								oninput={(e) =>
									save.change(
										{ ...style, memory: { ...style.memory, [which]: e.currentTarget.value } },
										`memory ${which}`,
									)}
							/>
						</div>
					{/each}
				</div>
			</div>
		</section>

		<section class="border-base-300 mt-6 grid gap-5 border-t pt-5" aria-labelledby="style-crossing">
			<h2 id="style-crossing" class="text-xl">Crossing</h2>
			<div class="flex flex-wrap gap-x-10 gap-y-4">
				<Pills {...CHOICES.way} options={CHOICES.way.options(style)} value={style.way} choose={choose('way')} />
				<Select
					{...CHOICES.withoutHolderUpTo}
					options={CHOICES.withoutHolderUpTo.options(style)}
					value={style.withoutHolderUpTo}
					choose={choose('withoutHolderUpTo')}
				/>
			</div>
			<div class="flex flex-wrap gap-x-10 gap-y-4">
				<Pills
					{...CHOICES.holderShape}
					options={CHOICES.holderShape.options(style)}
					value={style.holderShape}
					choose={choose('holderShape')}
				/>
				<Pills
					{...CHOICES.holderWork}
					options={CHOICES.holderWork.options(style)}
					value={style.holderWork}
					choose={choose('holderWork')}
				/>
			</div>
			<div class="flex flex-wrap gap-x-10 gap-y-4">
				<Pills
					{...CHOICES.firstPurl}
					options={CHOICES.firstPurl.options(style)}
					value={style.firstPurl}
					choose={choose('firstPurl')}
				/>
				{#if style.firstPurl !== 'usual'}<Pills
						{...CHOICES.turnedPurl}
						options={CHOICES.turnedPurl.options(style)}
						value={style.turnedPurl}
						choose={choose('turnedPurl')}
					/>{/if}
			</div>
		</section>

		<section class="border-base-300 mt-6 grid gap-3 border-t pt-5" aria-labelledby="style-paper">
			<h2 id="style-paper" class="text-xl">Paper</h2>
			<Logo
				logo={style.logo}
				change={(logo) => {
					const { logo: _before, ...rest } = style;
					save.change(logo ? { ...rest, logo } : rest);
				}}
			/>
		</section>

		<section class="border-base-300 mt-6 border-t pt-5" aria-labelledby="style-yarns">
			<h2 id="style-yarns" class="text-xl">Yarns and squares</h2>
			<p class="quiet mt-1">
				{style.yarns.length === 0 ? 'None yet.' : style.yarns.map((y) => y.name).join(', ') + '.'}
				<a class="wordlink" href="/yarns">My yarns</a> has them, with your tension squares.
			</p>
		</section>

		<section class="border-base-300 mt-6 border-t pt-5" aria-labelledby="style-ways">
			<h2 id="style-ways" class="text-xl">Your own ways</h2>
			{#if style.ownWays.length === 0}
				<p class="quiet mt-1">
					None yet. Make a crossing <a class="wordlink" href="/stage/own">with your own hands</a> and save how you did it.
					You can then choose it in lessons and handouts.
				</p>
			{/if}
			<ul class="mt-1">
				{#each style.ownWays as way (way.id)}
					<li class="border-base-300 flex flex-wrap items-baseline gap-x-4 border-b py-2">
						<strong dir="auto">{way.name}</strong>
						<span class="quiet grow">{wordsFor(way.crossing).title}, {way.moves.length} moves</span>
						<button
							type="button"
							class="wordlink"
							onclick={() =>
								save.change({
									...style,
									ownWays: style.ownWays.filter((w) => w.id !== way.id),
									way: style.way === ownWayId(way) ? DEFAULT_HOUSE_STYLE.way : style.way,
								})}>Remove<span class="sr-only"> {way.name}</span></button
						>
					</li>
				{/each}
			</ul>
		</section>

		<section class="border-base-300 mt-6 grid gap-5 border-t pt-5" aria-labelledby="style-tools">
			<h2 id="style-tools" class="text-xl">Loom and machine</h2>
			<div class="flex flex-wrap gap-x-10 gap-y-4">
				<Pills
					{...CHOICES.loomShape}
					options={CHOICES.loomShape.options(style)}
					value={style.loomShape}
					choose={choose('loomShape')}
				/>
				<Pills
					{...CHOICES.wrapWay}
					options={CHOICES.wrapWay.options(style)}
					value={style.wrapWay}
					choose={choose('wrapWay')}
				/>
				<Select
					{...CHOICES.pegGauge}
					options={CHOICES.pegGauge.options(style)}
					value={style.pegGauge}
					choose={choose('pegGauge')}
				/>
			</div>
			<div class="flex flex-wrap gap-x-10 gap-y-4">
				<Select
					{...CHOICES.bedNumber}
					options={CHOICES.bedNumber.options(style)}
					value={style.bedNumber}
					choose={choose('bedNumber')}
				/>
				<Pills
					{...CHOICES.bedYarn}
					options={CHOICES.bedYarn.options(style)}
					value={style.bedYarn}
					choose={choose('bedYarn')}
				/>
				<Pills
					{...CHOICES.bedLever}
					options={CHOICES.bedLever.options(style)}
					value={style.bedLever}
					choose={choose('bedLever')}
				/>
			</div>
		</section>

		<section class="border-base-300 mt-6 grid gap-5 border-t pt-5" aria-labelledby="style-sizes">
			<h2 id="style-sizes" class="text-xl">Words and sizes</h2>
			<div class="flex flex-wrap gap-x-10 gap-y-4">
				<Pills
					{...CHOICES.english}
					options={CHOICES.english.options(style)}
					value={style.english}
					choose={choose('english')}
				/>
				<Pills {...CHOICES.units} options={CHOICES.units.options(style)} value={style.units} choose={choose('units')} />
				<Pills
					{...CHOICES.needleSystem}
					options={CHOICES.needleSystem.options(style)}
					value={style.needleSystem}
					choose={choose('needleSystem')}
				/>
				<Select
					{...CHOICES.needle}
					options={CHOICES.needle.options(style)}
					value={style.needle}
					choose={choose('needle')}
				/>
			</div>
		</section>
	</div>
	<div class="max-md:order-first md:sticky md:top-5">
		<LazyPart part={sample} when="idle" given={{ style, light }} />
	</div>
</div>
