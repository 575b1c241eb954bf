<script lang="ts">
	import { demonstrationPage, type Frame, PALETTES, stripSvg, toSvg } from '@pond-loop/core/drawing';
	import type { PageLight } from '$lib/ui/light';
	import type { FilmKind } from '$lib/film/film';
	import type { Scenes } from '$lib/film/scenes';
	import { download, fileName } from '$lib/files/download';
	import { pngOf, svgFile } from '$lib/picture/save-as';

	interface Props {
		title: string;
		/** What is said under the title of a page. */
		lines: readonly string[];
		light: PageLight;
		/** Every step, drawn when it is asked for. */
		frames: () => readonly Frame[];
		/** The one that is shown. */
		step: () => number;
		/** The same on its way from move to move. */
		scenes: () => Omit<Scenes, 'ink' | 'paper' | 'title'>;
	}
	const { title, lines, light, frames, step, scenes }: Props = $props();

	const palette = $derived(PALETTES[light]);
	let trouble = $state<string>();

	async function png(): Promise<void> {
		trouble = undefined;
		try {
			const { drawing } = frames()[step()]!;
			const blob = await pngOf(toSvg(drawing, drawing.width), drawing.width, drawing.height);
			download(fileName(`${title} move ${step()}`, 'png'), blob);
		} catch {
			trouble = 'The picture could not be made. Save it as SVG instead.';
		}
	}
	const svg = (): void => {
		const { drawing } = frames()[step()]!;
		download(fileName(`${title} move ${step()}`, 'svg'), svgFile(toSvg(drawing, drawing.width)));
	};
	const strip = (): void => {
		const whole = stripSvg(frames(), { title, ink: palette.ink, paper: palette.paper });
		download(fileName(`${title} all moves`, 'svg'), svgFile(whole));
	};
	const page = (): void => {
		const html = demonstrationPage(frames(), {
			title,
			lines,
			ink: palette.ink,
			paper: palette.paper,
			quiet: palette.quiet,
		});
		download(fileName(title, 'html'), new Blob([html], { type: 'text/html' }));
	};
	/** How far a film is made, while one is. */
	let done = $state<number>();
	let making: AbortController | undefined;
	async function film(kind: FilmKind): Promise<void> {
		trouble = undefined;
		making?.abort();
		making = new AbortController();
		const { signal } = making;
		done = 0;
		const { makeFilm, NoFilm } = await import('$lib/film/film');
		try {
			const all = { ...scenes(), title, ink: palette.ink, paper: palette.paper };
			const blob = await makeFilm(kind, all, { progress: (now) => (done = now), signal });
			download(fileName(title, kind), blob);
		} catch (error) {
			if (!signal.aborted)
				trouble =
					error instanceof NoFilm ? error.message : 'The film could not be made. Save the page that plays it instead.';
		} finally {
			if (making?.signal === signal) done = undefined;
		}
	}
	$effect(() => () => making?.abort());
	const FILES: readonly (readonly [string, () => void | Promise<void>])[] = [
		['This move, as SVG', svg],
		['This move, as PNG', png],
		['All moves in one picture, as SVG', strip],
		['A page that plays it, as HTML', page],
		['A film, as MP4', () => film('mp4')],
		['A film, as WebM', () => film('webm')],
		['A moving picture, as GIF', () => film('gif')],
	];
</script>

<details class="dropdown dropdown-end dropdown-top">
	<summary class="wordlink list-none text-[0.94rem]">Save as a file</summary>
	<ul class="dropdown-content bg-base-100 border-base-300 z-20 mb-2 w-64 rounded-2xl border p-2 text-[0.94rem]">
		{#each FILES as [label, make], nth (nth)}
			<li>
				<button
					type="button"
					class="hover:bg-base-200 w-full cursor-pointer rounded-xl px-3 py-1.5 text-left"
					onclick={make}>{label}</button
				>
			</li>
		{/each}
	</ul>
</details>
{#if done !== undefined}
	<p class="flex items-center gap-3 text-[0.94rem]" role="status" data-testid="filming">
		<label
			>Making the film <progress class="progress progress-secondary w-32 align-middle" max="1" value={done}
			></progress></label
		>
		<button type="button" class="wordlink" onclick={() => making?.abort()}>Stop</button>
	</p>
{/if}
{#if trouble}<p class="text-error text-[0.94rem] font-semibold" role="alert">{trouble}</p>{/if}
