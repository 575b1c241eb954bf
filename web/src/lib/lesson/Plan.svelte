<script lang="ts">
	import Icon from '$lib/ui/Icon.svelte';
	import { PLAIN_CRAFT } from '@pond-loop/core/craft';
	import {
		type Lesson,
		minutesOf,
		type Plan,
		remarksOn,
		type Room,
		ROOM_TOOLS,
		setPlan,
		sheetsFor,
		sheetsSaid,
		paceSaid,
		timeline,
		workingIn,
	} from '@pond-loop/core/lesson';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { stepTitle } from '@pond-loop/core/step';
	import { type Level, LEVELS } from '@pond-loop/core/skill';
	import xIcon from 'lucide-static/icons/x.svg?raw';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { oneButton } from '$lib/ui/roving-tabindex';
	import { useLocale } from '$lib/ui/locale';

	interface Props {
		lesson: Lesson;
		style: HouseStyle;
		/** `words`: what was done, when it is worth saying. */
		change: (lesson: Lesson, place?: string, words?: string) => void;
	}
	const { lesson, style, change }: Props = $props();
	const locale = useLocale();

	const plan = $derived(lesson.plan);
	const time = $derived(timeline(lesson.steps, plan, style.glossary));
	const remarks = $derived(remarksOn(lesson, style.glossary));
	const MOST = 3;
	/** What an offer adds to the lesson, or takes from it. */
	function adds(fix: NonNullable<(typeof remarks)[number]['fix']>): string {
		const then = fix.apply(lesson, crypto.randomUUID());
		const steps = then.steps.length - lesson.steps.length;
		const minutes = Math.round(timeline(then.steps, plan, style.glossary).total - time.total);
		const many = Math.abs(steps) === 1 ? 'step' : 'steps';
		return steps === 0 && minutes === 0
			? 'takes no longer'
			: `${steps > 0 ? '+' : ''}${steps} ${many}, ${minutes > 0 ? '+' : ''}${minutes} minutes`;
	}
	let all = $state(false);
	let day = $state('');
	/** Of the last date, or the usual hour of an evening class. */
	// svelte-ignore state_referenced_locally
	let hour = $state(lesson.plan.dates.at(-1)?.slice(11) ?? '19:00');
	const date = $derived(day && hour ? `${day}T${hour}` : '');

	const NOBODY: Room = { at: {}, left: 0, large: 0, otherYarn: 0 };
	const room = $derived(plan.room ?? NOBODY);
	const setRoom = (more: Partial<Room>): void => set({ room: { ...room, ...more } }, 'plan room');
	/** Of whom there may be some: at tools, and what they are or need. */
	const counted = $derived([
		...ROOM_TOOLS.map(({ id, place }) => ({
			title: place.toLowerCase(),
			many: workingIn({ ...plan, room }, id),
			put: (many: number) => setRoom({ at: { ...room.at, [id]: many } }),
		})),
		{ title: 'left-handed', many: room.left, put: (left: number) => setRoom({ left }) },
		{
			title: `with the yarn in the ${style.yarnHand === 'right' ? 'left' : 'right'} hand`,
			many: room.otherYarn,
			put: (otherYarn: number) => setRoom({ otherYarn }),
		},
		{ title: 'with large print', many: room.large, put: (large: number) => setRoom({ large }) },
	]);
	const set = (more: Partial<Plan>, place?: string): void => change(setPlan(lesson, more), place);
	const whole = (event: Event): number => Math.trunc((event.currentTarget as HTMLInputElement).valueAsNumber) || 0;
	const longest = $derived(Math.max(plan.minutes, time.total, 1));
	const WHEN = $derived(
		new Intl.DateTimeFormat(locale(), {
			weekday: 'short',
			day: 'numeric',
			month: 'short',
			year: 'numeric',
			hour: '2-digit',
			minute: '2-digit',
		}),
	);
	const when = (text: string): string => WHEN.format(new Date(text));
</script>

<section aria-label="Plan" class="text-[0.94rem]">
	<h2 class="lead font-sans">The class</h2>
	<div class="mt-1 flex flex-wrap gap-x-4 gap-y-1">
		<label
			><input
				class="field w-14 py-0"
				type="number"
				min="10"
				max="600"
				value={plan.minutes}
				aria-label="Minutes of the class"
				oninput={(e) => set({ minutes: whole(e) }, 'plan minutes')}
			/> minutes</label
		>
		<label
			><input
				class="field w-12 py-0"
				type="number"
				min="1"
				max="100"
				value={plan.learners}
				aria-label="Learners"
				oninput={(e) => set({ learners: whole(e) }, 'plan learners')}
			/> learners</label
		>
		<select
			class="field py-0"
			aria-label="Level"
			value={plan.level}
			onchange={(e) => set({ level: e.currentTarget.value as Level })}
		>
			{#each LEVELS as level, nth (nth)}<option value={level}>{level}</option>{/each}
		</select>
	</div>
	<details class="mt-2" open={plan.room !== undefined}>
		<summary class="wordlink w-fit list-none">Who’s coming</summary>
		<div class="mt-1 flex flex-wrap gap-x-4 gap-y-1">
			{#each counted as { title, many, put }, nth (nth)}
				<label
					><input
						class="field w-12 py-0"
						type="number"
						min="0"
						max={plan.learners}
						value={many}
						oninput={(e) => put(whole(e))}
					/>
					{title}</label
				>
			{/each}
		</div>
		<p class="quiet mt-1" data-testid="room">
			{workingIn({ ...plan, room }, PLAIN_CRAFT)} by hand. Sheets: {sheetsSaid(
				sheetsFor({ ...plan, room }, style),
				style,
			)}.
		</p>
	</details>
	<p class="mt-3" data-testid="total">
		About <strong>{Math.round(time.total)} minutes</strong> of {plan.minutes}
		<span class="quiet">({paceSaid(plan)})</span>
	</p>
	<svg
		class="mt-1 w-full"
		viewBox="0 0 100 6"
		preserveAspectRatio="none"
		role="img"
		aria-label="{Math.round(time.total)} of {plan.minutes} minutes"
	>
		{#each lesson.steps as step, i (step.id)}
			<rect
				x={(100 * time.starts[i]!) / longest}
				y="0"
				width={Math.max(0, (100 * minutesOf(step, plan, style.glossary)) / longest - 0.4)}
				height="6"
				class={step.kind === 'rest'
					? 'fill-base-300'
					: time.starts[i]! + minutesOf(step, plan, style.glossary) > plan.minutes
						? 'fill-error'
						: 'fill-secondary'}><title>{stepTitle(step)}: {minutesOf(step, plan, style.glossary)} minutes</title></rect
			>
		{/each}
		<rect x={(100 * plan.minutes) / longest - 0.3} y="0" width="0.6" height="6" class="fill-base-content" />
	</svg>
	<h2 class="lead mt-5 font-sans">{remarks.length === 0 ? 'Looks good' : 'To think about'}</h2>
	<ul class="mt-1" data-testid="remarks" aria-live="polite" use:oneButton>
		{#each all ? remarks : remarks.slice(0, MOST) as remark (remark.key)}
			{@const { fix } = remark}
			<li class="border-base-300 flex gap-2 border-b py-2">
				<span class="min-w-0 grow">
					{remark.says}
					<span class="quiet block">{remark.because}</span>
					{#if fix}
						<button
							type="button"
							class="wordlink mt-1 font-semibold"
							onclick={() => change(fix.apply(lesson, crypto.randomUUID()), undefined, `${fix.title}: done.`)}
							>{fix.title}</button
						>
						<span class="quiet">({adds(fix)})</span>
					{/if}
					{#if remark.skill}
						{@const { skill } = remark}
						<button
							type="button"
							class="wordlink mt-1 block"
							onclick={() => set({ known: [...(plan.known ?? []), skill] })}>They already know this</button
						>
					{/if}
				</span>
				<IconButton
					label="Don’t show this again: {remark.says}"
					hint="Not here"
					onclick={() => set({ dismissed: [...plan.dismissed, remark.key] })}
					><Icon svg={xIcon} class="size-4" /></IconButton
				>
			</li>
		{/each}
	</ul>
	{#if remarks.length > MOST}<button type="button" class="wordlink mt-1" onclick={() => (all = !all)}
			>{all ? 'Fewer' : `All ${remarks.length}`}</button
		>{/if}
	{#if plan.dismissed.length > 0 || plan.known?.length}
		<button type="button" class="wordlink mt-2" onclick={() => set({ dismissed: [], known: [] })}
			>Show all remarks again</button
		>
	{/if}
	<h2 class="lead mt-5 font-sans">Dates</h2>
	<ul>
		{#each plan.dates as d, nth (nth)}
			<li class="flex items-center gap-2">
				{when(d)}
				<IconButton label="Take {when(d)} out" onclick={() => set({ dates: plan.dates.filter((x) => x !== d) })}
					><Icon svg={xIcon} class="size-4" /></IconButton
				>
			</li>
		{/each}
	</ul>
	<details>
		<summary class="wordlink w-fit list-none">Add a date</summary>
		<div class="flex items-center gap-3">
			<input class="field min-w-0 grow py-0" type="date" aria-label="A date of the class" bind:value={day} />
			<input class="field w-28 py-0" type="time" aria-label="When it begins" bind:value={hour} />
			<button
				type="button"
				class="wordlink shrink-0 disabled:opacity-40"
				disabled={!date || plan.dates.includes(date)}
				onclick={() => {
					set({ dates: [...plan.dates, date].sort() });
					day = '';
				}}>Add</button
			>
		</div>
	</details>
</section>
