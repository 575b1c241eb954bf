<script lang="ts">
	import { fibresAvoided, HANDED, roomOf, type Class, type Person } from '@pond-loop/core/class';
	import { PLACES, placeName } from '@pond-loop/core/craft';
	import { FIBRES } from '@pond-loop/core/fabric';
	import { LANGUAGE_TITLES, ROW_LANGUAGE_IDS } from '@pond-loop/core/language';
	import { sheetsFor, sheetsSaid } from '@pond-loop/core/lesson';
	import type { HouseStyle } from '@pond-loop/core/schema';
	import { LEVELS } from '@pond-loop/core/skill';
	import { goto, invalidateAll } from '$app/navigation';
	import SaveNote from '$lib/save/SaveNote.svelte';
	import TwoVersions from '$lib/save/TwoVersions.svelte';
	import UndoRedo from '$lib/save/UndoRedo.svelte';
	import TitleField from '$lib/ui/TitleField.svelte';
	import { saveWithPage } from '$lib/save/page';
	import { troubleOf } from '$lib/save/send';
	import BeginEvening from './BeginEvening.svelte';
	import { forgetClassesHere } from './device';
	import { erasePerson, giveRoom, removeClass } from './class-requests';
	import { keepClass, type OpenedClass } from './keep';
	import PastePeople from './PastePeople.svelte';
	import { withoutEmpty } from '$lib/ui/without-empty';
	import { weekdayOf } from '$lib/ui/dates';
	import { apart, HANDED_WORDS } from './person-words';

	interface Props {
		opened: OpenedClass;
		evenings: readonly { readonly id: string; readonly day: string; readonly title: string }[];
		lessons: readonly { readonly id: string; readonly title: string }[];
		style: HouseStyle;
	}
	const { opened, evenings, lessons, style }: Props = $props();
	// svelte-ignore state_referenced_locally
	const save = keepClass(opened);
	saveWithPage(save);
	const uid = $props.id();
	const of = $derived(save.value);
	const change = (more: Partial<Class>, place?: string): void => save.change({ ...save.value, ...more }, place);
	const put = (id: string, more: Partial<Person>, place?: string): void =>
		change(
			{
				people: of.people.map((p) => {
					if (p.id !== id) return p;
					return withoutEmpty<Person>({ ...p, ...more });
				}),
			},
			place,
		);
	let edited = $state<string>();
	let erasing = $state<string>();
	let trouble = $state<string>();
	/** Evenings that are listed at first. */
	const LATEST = 10;
	let allEvenings = $state(false);
	let pasting = $state(false);
	let given = $state<string>();
	let lesson = $state('');
	/** A date to give the lesson with it; none when empty. */
	let day = $state('');
	const lines = ({ place, hour, minutes, people }: Class): string[] => [
		[place, hour, `${minutes} minutes`].filter(Boolean).join(', '),
		...people.map((p) => [p.name, apart(p)].filter(Boolean).join(', ')),
	];
	const room = $derived(roomOf(of, style));
	const come = $derived(of.people.filter((p) => !p.left));
	const avoided = $derived([...fibresAvoided(of)]);

	async function erase(person: Person): Promise<void> {
		await save.flush();
		const answer = await erasePerson(opened.id, person.id);
		trouble = troubleOf(answer);
		erasing = undefined;
		// Undo must not bring back who is erased: the page begins anew.
		if (answer.kind !== 'ok') return;
		await forgetClassesHere();
		location.reload();
	}
	async function takeRoom(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		await save.flush();
		const answer = await giveRoom(opened.id, lesson, day);
		trouble = troubleOf(answer);
		given = answer.kind === 'ok' ? lesson : undefined;
	}
	let removing = $state(false);
	async function remove(): Promise<void> {
		const answer = await removeClass(opened.id);
		trouble = troubleOf(answer);
		if (answer.kind !== 'ok') return;
		await goto('/classes');
		await invalidateAll();
	}
</script>

<svelte:head><title>{of.title} · Pond Loop</title></svelte:head>

<div class="flex flex-wrap items-start gap-x-5 gap-y-1">
	<div class="min-w-0 grow basis-60">
		<TitleField
			id="{uid}-title"
			label="Name of the class"
			value={of.title}
			change={(title) => change({ title }, 'title')}
		/>
	</div>
	<SaveNote {save} />
	<UndoRedo {save} />
</div>
{#if save.state.kind === 'stale'}
	<TwoVersions
		what="This class"
		mine={{ heading: of.title, lines: lines(of) }}
		theirs={{ heading: save.state.theirs.value.title, lines: lines(save.state.theirs.value) }}
		keepMine={() => save.keepMine()}
		takeTheirs={() => save.takeTheirs()}
	/>
{/if}
<div class="mt-2 flex flex-wrap items-baseline gap-x-5 gap-y-2 text-[0.97rem]">
	<label
		>Where <input
			class="field w-52 max-w-full py-0"
			dir="auto"
			value={of.place}
			placeholder="e.g. the boat house"
			oninput={(e) => change({ place: e.currentTarget.value }, 'place')}
		/></label
	>
	<label
		>at <input
			class="field py-0"
			type="time"
			value={of.hour ?? ''}
			oninput={(e) => change({ hour: e.currentTarget.value || undefined } as Partial<Class>, 'hour')}
		/></label
	>
	<label
		>for <input
			class="field w-16 py-0"
			type="number"
			min="10"
			max="600"
			step="5"
			value={of.minutes}
			oninput={(e) =>
				Number.isFinite(e.currentTarget.valueAsNumber) && change({ minutes: e.currentTarget.valueAsNumber }, 'minutes')}
		/> minutes</label
	>
	<label
		>Level <select
			class="field py-0"
			value={of.level}
			onchange={(e) => change({ level: LEVELS.find((l) => l === e.currentTarget.value) ?? of.level })}
		>
			{#each LEVELS as level, nth (nth)}<option>{level}</option>{/each}
		</select></label
	>
</div>
{#if trouble}<p class="text-error mt-2 font-semibold" role="alert">{trouble}</p>{/if}

<div class="mt-6 grid grid-cols-[minmax(0,1fr)] items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
	<section aria-labelledby="{uid}-people">
		<div class="flex flex-wrap items-baseline gap-x-5">
			<h2 id="{uid}-people" class="text-2xl">{come.length === 1 ? '1 person' : `${come.length} people`}</h2>
			{#if of.people.length > 0}
				<button type="button" class="wordlink" onclick={() => (pasting = !pasting)} aria-expanded={pasting}
					>{pasting ? 'Close' : 'Add people'}</button
				>
			{/if}
		</div>
		{#if pasting || of.people.length === 0}
			<PastePeople
				classId={opened.id}
				people={of.people}
				add={(people) => {
					change({ people: [...of.people, ...people] });
					pasting = false;
				}}
			/>
		{/if}
		<ul class="mt-2">
			{#each of.people as person (person.id)}
				<li class="border-base-300 border-t py-1.5">
					<div class="flex flex-wrap items-baseline gap-x-3">
						<strong class="min-w-0 wrap-anywhere" dir="auto">{person.name}</strong>
						<span class="quiet min-w-0 grow text-[0.94rem]">{apart(person)}</span>
						<button
							type="button"
							class="wordlink text-[0.94rem]"
							aria-expanded={edited === person.id}
							onclick={() => (edited = edited === person.id ? undefined : person.id)}
							>{edited === person.id ? 'Done' : 'Change'}<span class="sr-only"> {person.name}</span></button
						>
					</div>
					{#if edited === person.id}
						<div class="flex flex-wrap items-baseline gap-x-5 gap-y-2 py-2 text-[0.94rem]">
							<label
								>Name <input
									class="field w-40 py-0"
									dir="auto"
									value={person.name}
									oninput={(e) => put(person.id, { name: e.currentTarget.value }, `name ${person.id}`)}
								/></label
							>
							<label
								><span class="sr-only">Hands</span><select
									class="field py-0"
									value={person.hands}
									onchange={(e) =>
										put(person.id, { hands: HANDED.find((h) => h === e.currentTarget.value) ?? 'right' })}
								>
									{#each HANDED as hands, nth (nth)}<option value={hands}>{HANDED_WORDS[hands]}</option>{/each}
								</select></label
							>
							<label
								><span class="sr-only">Works</span><select
									class="field py-0"
									value={person.at}
									onchange={(e) =>
										put(person.id, { at: PLACES.find((p) => p === e.currentTarget.value) ?? PLACES[0]! })}
								>
									{#each PLACES as place, nth (nth)}<option value={place}>{placeName(place)}</option>{/each}
								</select></label
							>
							<label
								>Yarn in <select
									class="field py-0"
									value={person.yarnHand ?? ''}
									onchange={(e) =>
										put(person.id, {
											yarnHand: (['right', 'left'] as const).find((h) => h === e.currentTarget.value),
										} as Partial<Person>)}
								>
									<option value="">either hand</option><option value="right">the right hand</option><option value="left"
										>the left hand</option
									>
								</select></label
							>
							<label
								>Level <select
									class="field py-0"
									value={person.level ?? ''}
									onchange={(e) =>
										put(person.id, { level: LEVELS.find((l) => l === e.currentTarget.value) } as Partial<Person>)}
								>
									<option value="">as the class</option>
									{#each LEVELS as level, nth (nth)}<option>{level}</option>{/each}
								</select></label
							>
							<label
								>Rows in <select
									class="field py-0"
									value={person.language ?? ''}
									onchange={(e) =>
										put(person.id, {
											language: ROW_LANGUAGE_IDS.find((id) => id === e.currentTarget.value),
										} as Partial<Person>)}
								>
									<option value="">English</option>
									{#each ROW_LANGUAGE_IDS as id (id)}<option value={id}>English and {LANGUAGE_TITLES[id]}</option
										>{/each}
								</select></label
							>
							<label
								><input
									type="checkbox"
									class="accent-secondary"
									checked={person.large ?? false}
									onchange={(e) =>
										put(person.id, { large: e.currentTarget.checked ? true : undefined } as Partial<Person>)}
								/> large print</label
							>
							<label
								><input
									type="checkbox"
									class="accent-secondary"
									checked={person.left ?? false}
									onchange={(e) =>
										put(person.id, { left: e.currentTarget.checked ? true : undefined } as Partial<Person>)}
								/> left the class</label
							>
							<fieldset class="basis-full">
								<legend class="quiet">Avoids (ask, don’t guess)</legend>
								{#each FIBRES as fibre, nth (nth)}
									<label class="mr-4"
										><input
											type="checkbox"
											class="accent-secondary"
											checked={person.avoids?.includes(fibre) ?? false}
											onchange={(e) => {
												const now = (person.avoids ?? []).filter((f) => f !== fibre);
												const next = e.currentTarget.checked ? [...now, fibre] : now;
												put(person.id, { avoids: next.length > 0 ? next : undefined } as Partial<Person>);
											}}
										/>
										{fibre}</label
									>
								{/each}
							</fieldset>
							<p class="basis-full">
								<a class="wordlink" href="/api/classes/{opened.id}/people/{person.id}" download
									>Everything stored about {person.name}, as a file</a
								>
								·
								<button type="button" class="wordlink" onclick={() => (erasing = person.id)}>Erase {person.name}</button
								>
							</p>
							{#if erasing === person.id}
								<p class="border-error basis-full border-l-4 py-1 pl-4" role="alert">
									{person.name} will be erased from this class and all its sessions, with pictures and the name in notes.
									Old files won’t bring it back. Practice results under this name are erased too. You can’t undo this.
									<button type="button" class="pill pill-strong mx-2" onclick={() => erase(person)}
										>Erase for good</button
									>
									<button type="button" class="wordlink" onclick={() => (erasing = undefined)}>Keep</button>
								</p>
							{/if}
						</div>
					{/if}
				</li>
			{/each}
		</ul>
		{#if avoided.length > 0}
			<p class="border-warning mt-3 border-l-4 py-1 pl-4 text-[0.94rem]">
				Keep away: {avoided.map(([fibre, who]) => `${fibre} from ${who.join(' and ')}`).join('; ')}. Shared tools and
				towels carry fibres too.
			</p>
		{/if}
		{#if come.length > 0}
			<p class="quiet mt-3 text-[0.94rem]">
				Sheets: {sheetsSaid(sheetsFor({ learners: come.length, room }, style), style)}. Count sharp tools out and back
				in. Rest hands every 20 to 30 minutes. Follow the venue’s rules.
			</p>
		{/if}
	</section>

	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-y-7">
		<section aria-labelledby="{uid}-evening">
			<h2 id="{uid}-evening" class="text-2xl">Start a session</h2>
			<BeginEvening people={come.length} classId={opened.id} {lessons} flush={() => save.flush()} />
		</section>
		<section aria-labelledby="{uid}-log">
			<h2 id="{uid}-log" class="text-2xl">The log</h2>
			{#if evenings.length === 0}
				<p class="quiet mt-1">No session yet. What you log in a session is kept here.</p>
			{:else}
				<p class="mt-1"><a class="wordlink" href="/classes/{opened.id}/learnt">Progress</a></p>
				<ul class="mt-2">
					{#each allEvenings ? evenings : evenings.slice(0, LATEST) as evening (evening.id)}
						<li class="border-base-300 border-t py-1.5">
							<a class="flex flex-wrap items-baseline gap-x-3" href="/evenings/{evening.id}"
								><span class="wordlink">{weekdayOf(evening.day)}</span>
								<span class="min-w-0" dir="auto">{evening.title}</span></a
							>
						</li>
					{/each}
				</ul>
				{#if !allEvenings && evenings.length > LATEST}<button
						type="button"
						class="wordlink mt-1"
						onclick={() => (allEvenings = true)}>All {evenings.length} sessions</button
					>{/if}
			{/if}
		</section>
		{#if lessons.length > 0 && come.length > 0}
			<section aria-labelledby="{uid}-room">
				<h2 id="{uid}-room" class="lead font-sans">Use this class for a lesson</h2>
				<form class="mt-1 flex flex-wrap gap-x-3 gap-y-2" onsubmit={takeRoom}>
					<select class="field min-w-0 grow basis-40" bind:value={lesson} required aria-label="Lesson">
						<option value="" disabled>Choose a lesson</option>
						{#each lessons as one (one.id)}<option value={one.id}>{one.title}</option>{/each}
					</select>
					<input class="field" type="date" bind:value={day} aria-label="Date, if you know it" />
					<button class="pill pill-soft">Use this class</button>
				</form>
				<p class="mt-1 text-[0.94rem]" role="status">
					{#if given}<a class="wordlink" href="/lessons/{given}">The lesson</a> has who comes, their tools and hands, and
						the pace of this class. Its length stays as you planned it.{/if}
				</p>
			</section>
		{/if}
		<p class="flex flex-wrap gap-x-5 gap-y-1 text-[0.94rem]">
			<a class="wordlink" href="/doors/classes/{opened.id}">Practice between sessions</a>
			<a class="wordlink" href="/classes/{opened.id}/print">Lists, cards and certificates for paper</a>
			<a class="wordlink" href="/api/classes/{opened.id}/file" download>All of it, as a file</a>
		</p>
		<p class="text-[0.94rem]">
			{#if removing}
				This deletes the class, its people and its sessions. You can’t undo this.
				<button type="button" class="wordlink text-error" onclick={remove}>Delete</button> ·
				<button type="button" class="wordlink" onclick={() => (removing = false)}>Keep it</button>
			{:else}<button type="button" class="wordlink" onclick={() => (removing = true)}>Delete this class</button>{/if}
		</p>
	</div>
</div>
