<script lang="ts">
	import { CELL, ChartLayout, drawChart, type Light, PALETTES } from '@pond-loop/core/drawing';
	import { type Box, cellWords, type Cords, type Worked } from '@pond-loop/core/swatch';
	import { onMount } from 'svelte';
	import { paintShapes } from './paint-canvas';

	interface Props {
		worked: Worked;
		cords: Cords;
		light: Light;
		side?: 'RS' | 'WS';
		mirrored?: boolean;
		/** As much larger than drawn; `fit` takes all of its width. */
		zoom?: number | 'fit';
		/** Told what was chosen by wheel, pinch or keys. */
		zoomTo?: (zoom: number | 'fit') => void;
		/** Cells ringed, such as those that a mistake changed. */
		marks?: readonly { readonly row: number; readonly column: number }[];
		/** The chosen cells; the corner first chosen is where keys go on from. */
		box?: Box | undefined;
		/** Told when a box was drawn by pointer, with the cell where it began. */
		drawn?: (box: Box) => void;
		/** Keys that are not for moving about. */
		press?: (event: KeyboardEvent) => void;
		label: string;
		/** The row finished last, drawn with a line above it. */
		finished?: number | undefined;
		/** Narrower than its place it stands in the middle. */
		rowsShown?: number;
	}
	let {
		worked,
		cords,
		light,
		side = 'RS',
		mirrored = false,
		zoom: wanted = 1,
		zoomTo,
		marks = [],
		box = $bindable(),
		drawn,
		press,
		label,
		finished,
		rowsShown,
	}: Props = $props();
	const uid = $props.id();

	const GUTTER = 48;
	const [LEAST_ZOOM, MOST_ZOOM] = [0.3, 2.5];
	/** Beyond that a small chart would only be loud. */
	const MOST_FIT = 1.25;
	const fitting = (room: number, width: number): number =>
		room <= 0 ? 1 : Math.min(MOST_FIT, Math.max(LEAST_ZOOM, room / width));
	const BESIDE = 2;

	let scroller = $state<HTMLElement>();
	let canvas = $state<HTMLCanvasElement>();
	let size = $state({ width: 0, height: 0 });
	let scroll = $state({ left: 0, top: 0 });

	const layout = $derived(new ChartLayout(worked, (side === 'WS') !== mirrored));
	const zoom = $derived(wanted === 'fit' ? fitting(size.width - 2 * GUTTER, layout.width) : wanted);
	const wide = $derived(layout.width * zoom + 2 * GUTTER);
	const high = $derived(layout.height * zoom + 4);
	/** A chart that is narrower than its place stands in the middle. */
	const left = $derived(Math.max(0, (size.width - wide) / 2));

	/** Whether the first stitch of a right-side row stands at the right. */
	const firstAtRight = $derived((side === 'WS') === mirrored);

	onMount(() => {
		const place = scroller!;
		// It is drawn anew for each that it is told, so it is told only what differs.
		const measure = (): void => {
			const { clientWidth: width, clientHeight: height } = place;
			if (width !== size.width || height !== size.height) size = { width, height };
		};
		const watch = new ResizeObserver(measure);
		watch.observe(place);
		measure();
		// Row 1 is at the bottom, which is where one begins.
		place.scrollTop = place.scrollHeight;
		if (firstAtRight) place.scrollLeft = place.scrollWidth;
		// A page's own way of listening to these cannot keep the browser from zooming all of it.
		place.addEventListener('wheel', wheeled, { passive: false });
		place.addEventListener('touchstart', touched, { passive: false });
		place.addEventListener('touchmove', pinched, { passive: false });
		scrolled();
		return () => watch.disconnect();
	});
	function scrolled(): void {
		const { scrollLeft: left, scrollTop: top } = scroller!;
		if (left !== scroll.left || top !== scroll.top) scroll = { left, top };
	}

	/** Zooms about a point of the view, which stays where it is. */
	function zoomAt(to: number, x: number, y: number): void {
		if (!zoomTo || !scroller) return;
		const next = Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, to));
		const [cx, cy] = [(scroller.scrollLeft + x - GUTTER) / zoom, (scroller.scrollTop + y) / zoom];
		zoomTo(next);
		const place = scroller;
		requestAnimationFrame(() => {
			place.scrollLeft = cx * next + GUTTER - x;
			place.scrollTop = cy * next - y;
		});
	}
	/** Larger or smaller about the middle of the view. */
	export const closer = (by: number): void => zoomAt(zoom * by, size.width / 2, size.height / 2);
	const pointIn = (x: number, y: number): readonly [x: number, y: number] => {
		const edge = scroller!.getBoundingClientRect();
		return [x - edge.left, y - edge.top];
	};
	function wheeled(event: WheelEvent): void {
		// Pinching a trackpad comes as a wheel with Control.
		if (!zoomTo || !(event.ctrlKey || event.metaKey)) return;
		event.preventDefault();
		zoomAt(zoom * Math.exp(-event.deltaY / 300), ...pointIn(event.clientX, event.clientY));
	}
	let pinch: { readonly apart: number; readonly zoom: number } | undefined;
	const apart = ([a, b]: readonly Touch[]): number => Math.hypot(a!.clientX - b!.clientX, a!.clientY - b!.clientY);
	function touched(event: TouchEvent): void {
		pinch = zoomTo && event.touches.length === 2 ? { apart: apart([...event.touches]), zoom } : undefined;
		if (!pinch) return;
		event.preventDefault();
		from = undefined;
	}
	function pinched(event: TouchEvent): void {
		const [a, b] = event.touches;
		if (!pinch || !a || !b) return;
		event.preventDefault();
		const middle = pointIn((a.clientX + b.clientX) / 2, (a.clientY + b.clientY) / 2);
		zoomAt((pinch.zoom * apart([a, b])) / pinch.apart, ...middle);
	}

	/** All of it, small, where only a part is in view: which part, and a way to another. */
	const OVERVIEW = { width: 132, height: 96, cells: 60_000 };
	const isPart = $derived(
		zoomTo !== undefined &&
			size.width > 480 &&
			(wide > size.width + 4 || high > 1.6 * size.height) &&
			worked.rows.length * worked.widest <= OVERVIEW.cells,
	);
	const small = $derived(Math.min(OVERVIEW.width / layout.width, OVERVIEW.height / layout.height));
	let overview = $state<HTMLCanvasElement>();
	$effect(() => {
		const ctx = overview?.getContext('2d');
		if (!overview || !ctx) return;
		const dpr = window.devicePixelRatio || 1;
		overview.width = Math.ceil(layout.width * small * dpr);
		overview.height = Math.ceil(layout.height * small * dpr);
		ctx.setTransform(dpr * small, 0, 0, dpr * small, 0, 0);
		const palette = PALETTES[light];
		for (const [i, row] of worked.rows.entries()) {
			for (let column = 0; column < row.stitches.length; column++) {
				const cord = cords.cordOf[cords.strands[i + 1]![column]!] ?? -1;
				ctx.fillStyle = cord < 0 ? palette.ground.body : palette.cords[cords.cords[cord]!.colour].body;
				ctx.fillRect(layout.x(i, column) - CELL.width / 2, layout.top(i), CELL.width, CELL.height);
			}
		}
		ctx.strokeStyle = palette.ink;
		ctx.lineWidth = 2 / small;
		const [seenLeft, seenTop] = [Math.max(0, (scroll.left - GUTTER - left) / zoom), scroll.top / zoom];
		const seenRight = Math.min(layout.width, (scroll.left + size.width - GUTTER - left) / zoom);
		const seenBottom = Math.min(layout.height, (scroll.top + size.height) / zoom);
		ctx.strokeRect(seenLeft, seenTop, seenRight - seenLeft, seenBottom - seenTop);
	});
	function lookAt(event: PointerEvent): void {
		if (!overview || !scroller || (event.type === 'pointermove' && event.buttons === 0)) return;
		const edge = overview.getBoundingClientRect();
		scroller.scrollLeft = ((event.clientX - edge.left) / small) * zoom + GUTTER - size.width / 2;
		scroller.scrollTop = ((event.clientY - edge.top) / small) * zoom - size.height / 2;
	}

	/** Shaped rows are inset, so a few more columns are taken; counted once for a swatch, not as it scrolls. */
	const spare = $derived(
		Math.ceil((worked.widest - Math.min(...worked.rows.map((r) => r.stitches.length), worked.widest)) / 2),
	);

	/** The rows and columns in view, with a few beside them. */
	const view = $derived.by(() => {
		const cell = CELL.width * zoom;
		const fromLeft = Math.floor((scroll.left - GUTTER) / cell) - BESIDE;
		const toLeft = Math.ceil((scroll.left + size.width) / cell) + BESIDE;
		const [a, b] = !firstAtRight ? [fromLeft, toLeft] : [worked.widest - toLeft, worked.widest - fromLeft];
		const fromTop = Math.floor(scroll.top / (CELL.height * zoom)) - BESIDE;
		const toTop = Math.ceil((scroll.top + size.height) / (CELL.height * zoom)) + BESIDE;
		const rows = worked.rows.length;
		return {
			firstRow: Math.max(0, rows - toTop),
			lastRow: Math.min(rows - 1, rows - fromTop),
			firstColumn: Math.max(0, a - spare),
			lastColumn: Math.min(worked.widest - 1, b + spare),
		};
	});

	$effect(() => {
		const ctx = canvas?.getContext('2d');
		if (!canvas || !ctx || size.width === 0) return;
		const dpr = window.devicePixelRatio || 1;
		const [w, h] = [Math.round(size.width * dpr), Math.round(size.height * dpr)];
		if (canvas.width !== w) canvas.width = w;
		if (canvas.height !== h) canvas.height = h;
		const palette = PALETTES[light];
		ctx.setTransform(dpr, 0, 0, dpr, 0, 0);
		ctx.clearRect(0, 0, size.width, size.height);
		if (worked.rows.length === 0) return;
		const [x, y] = [left + GUTTER - scroll.left, 2 - scroll.top];
		ctx.setTransform(dpr * zoom, 0, 0, dpr * zoom, dpr * x, dpr * y);
		paintShapes(ctx, drawChart(worked, { light, side, mirrored, cords, window: view, marks, markers: true }).shapes);
		// Rows may have gone since the box was drawn.
		if (box && box.lastRow < worked.rows.length) {
			const [r1, r2] = [layout.bottom(box.firstRow), layout.top(box.lastRow)];
			const [c1, c2] = [layout.x(box.firstRow, box.firstColumn), layout.x(box.firstRow, box.lastColumn)];
			ctx.strokeStyle = palette.ink;
			ctx.lineWidth = 3;
			ctx.strokeRect(Math.min(c1, c2) - CELL.width / 2, r2, Math.abs(c1 - c2) + CELL.width, r1 - r2);
		}
		if (finished !== undefined && finished > 0) {
			ctx.strokeStyle = palette.risk;
			ctx.lineWidth = 3;
			ctx.strokeRect(-4, layout.top(finished - 1), layout.width + 8, 0.01);
		}
		// Row numbers stay at the edges while the chart moves under them.
		ctx.setTransform(dpr, 0, 0, dpr, 0, 0);
		const [edgeLeft, edgeRight] = [Math.max(0, left), Math.min(size.width, left + wide - scroll.left) - GUTTER];
		ctx.fillStyle = palette.paper;
		ctx.fillRect(edgeLeft, 0, GUTTER - 3, size.height);
		ctx.fillRect(edgeRight + 2, 0, GUTTER, size.height);
		ctx.fillStyle = palette.quiet;
		ctx.font = "600 13px 'Atkinson Hyperlegible Next', sans-serif";
		for (let i = view.firstRow; i <= view.lastRow; i++) {
			const row = worked.rows[i]!;
			const at = (layout.top(i) + CELL.height / 2) * zoom - scroll.top + 7;
			const right = (row.side === 'RS') === firstAtRight;
			ctx.textAlign = right ? 'left' : 'right';
			ctx.fillText(String(row.number), right ? edgeRight + 8 : edgeLeft + GUTTER - 8, at);
		}
		for (const { first, last, times } of worked.repeats) {
			const [top, bottom] = [layout.top(last) * zoom - scroll.top + 4, layout.bottom(first) * zoom - scroll.top];
			ctx.fillStyle = palette.ripple;
			ctx.fillRect(edgeRight + GUTTER - 4, top, 3, bottom - top);
			// In the middle of what is seen of it, where there is room.
			const [from, to] = [Math.max(0, top), Math.min(size.height, bottom)];
			const words = times === undefined ? 'repeat' : `${times} times`;
			if (bottom - top <= 110 || to - from < ctx.measureText(words).width + 12) continue;
			ctx.save();
			ctx.fillStyle = palette.quiet;
			ctx.translate(edgeRight + GUTTER - 8, (from + to) / 2);
			ctx.rotate(-Math.PI / 2);
			ctx.textAlign = 'center';
			ctx.fillText(words, 0, 0);
			ctx.restore();
		}
	});

	function cellOf(event: PointerEvent): { row: number; column: number } | undefined {
		const edge = scroller!.getBoundingClientRect();
		const x = (event.clientX - edge.left - left - GUTTER + scroll.left) / zoom;
		const y = (event.clientY - edge.top - 2 + scroll.top) / zoom;
		return layout.cellAt(x, y);
	}

	let from: { row: number; column: number } | undefined;
	/** Where keys go on from, and the corner that stays while a box is drawn by keys. */
	let head = $state({ row: 0, column: 0 });
	let anchor = { row: 0, column: 0 };

	const span = (a: typeof head, b: typeof head): Box => ({
		firstRow: Math.min(a.row, b.row),
		lastRow: Math.max(a.row, b.row),
		firstColumn: Math.min(a.column, b.column),
		lastColumn: Math.max(a.column, b.column),
	});

	function down(event: PointerEvent): void {
		const cell = cellOf(event);
		if (!cell || event.button !== 0) return;
		from = cell;
		anchor = cell;
		head = cell;
		box = span(cell, cell);
		if (event.pointerType === 'mouse') scroller?.setPointerCapture(event.pointerId);
	}
	function move(event: PointerEvent): void {
		if (!from) return;
		const cell = cellOf(event);
		if (!cell) return;
		head = cell;
		box = span(from, cell);
	}
	function up(): void {
		if (from && box) drawn?.(box);
		from = undefined;
	}

	const STEPS: Readonly<Record<string, readonly [row: number, column: number]>> = {
		ArrowUp: [1, 0],
		ArrowDown: [-1, 0],
		PageUp: [10, 0],
		PageDown: [-10, 0],
	};

	function keyed(event: KeyboardEvent): void {
		if (worked.rows.length === 0) return;
		const sideways = { ArrowLeft: firstAtRight ? 1 : -1, ArrowRight: firstAtRight ? -1 : 1 }[event.key];
		const step = sideways !== undefined ? ([0, sideways] as const) : STEPS[event.key];
		const edge = { Home: 0, End: worked.widest }[event.key];
		const by = { '+': 1.25, '=': 1.25, '-': 0.8 }[event.key];
		if (zoomTo && (by !== undefined || event.key === '0') && !event.ctrlKey && !event.metaKey) {
			event.preventDefault();
			if (by === undefined) zoomTo('fit');
			else closer(by);
			return;
		}
		if (!step && edge === undefined) {
			press?.(event);
			return;
		}
		event.preventDefault();
		const row = Math.max(0, Math.min(worked.rows.length - 1, head.row + (step?.[0] ?? 0)));
		const last = worked.rows[row]!.stitches.length - 1;
		const column = Math.max(0, Math.min(last, edge ?? head.column + (step?.[1] ?? 0)));
		head = { row, column };
		if (!event.shiftKey) anchor = head;
		box = span(anchor, head);
		reveal();
	}

	/** Scrolls so far that the cell is in view. */
	function reveal(): void {
		if (!scroller) return;
		const x = layout.x(head.row, head.column) * zoom + GUTTER;
		const y = layout.top(head.row) * zoom;
		const room = 2 * CELL.width * zoom;
		if (x - room < scroller.scrollLeft) scroller.scrollLeft = x - room;
		if (x + room > scroller.scrollLeft + size.width) scroller.scrollLeft = x + room - size.width;
		if (y - room < scroller.scrollTop) scroller.scrollTop = y - room;
		if (y + room > scroller.scrollTop + size.height) scroller.scrollTop = y + room - size.height;
	}

	/** Shows a row, and a column of it when one is given, in the middle when they are out of view. */
	export function show(row: number, column?: number): void {
		if (!scroller) return;
		const cell = CELL.height * zoom;
		const y = layout.top(row) * zoom;
		// With a few rows around it, as what comes next is looked for too.
		const around = Math.min(3 * cell, size.height / 3);
		if (y - around < scroller.scrollTop || y + cell + around > scroller.scrollTop + size.height) {
			scroller.scrollTop = y - size.height / 2;
		}
		if (column === undefined) return;
		const x = layout.x(row, column) * zoom + GUTTER;
		if (x < scroller.scrollLeft + cell || x > scroller.scrollLeft + size.width - cell) {
			scroller.scrollLeft = x - size.width / 2;
		}
	}

	const words = $derived.by(() => {
		const row = worked.rows[head.row];
		return row && head.column < row.stitches.length ? cellWords(worked, cords, head.row, head.column) : '';
	});
</script>

<div
	class="chart relative"
	style:height={rowsShown === undefined ? undefined : `${Math.min(high, rowsShown * CELL.height * zoom + 4)}px`}
>
	<canvas bind:this={canvas} class="pointer-events-none absolute inset-0 h-full w-full" aria-hidden="true"></canvas>
	<div
		bind:this={scroller}
		class="absolute inset-0 overflow-auto"
		role="grid"
		tabindex="0"
		aria-label={label}
		aria-rowcount={worked.rows.length}
		aria-colcount={worked.widest}
		aria-multiselectable="true"
		aria-activedescendant="{uid}-cell"
		data-testid="chart"
		data-rows={worked.rows.length}
		data-zoom={zoom}
		onscroll={scrolled}
		onpointerdown={down}
		onpointermove={move}
		onpointerup={up}
		onpointercancel={() => (from = undefined)}
		onkeydown={keyed}
	>
		<div style:width="{wide}px" style:height="{high}px">
			<div role="row" class="sr-only" aria-rowindex={head.row + 1}>
				<div role="gridcell" id="{uid}-cell" aria-colindex={head.column + 1} aria-selected="true" data-testid="cell">
					{words}
				</div>
			</div>
		</div>
	</div>
	{#if isPart}
		<canvas
			bind:this={overview}
			class="border-base-300 bg-base-100 absolute right-3 bottom-3 cursor-pointer touch-none rounded border"
			style:width="{layout.width * small}px"
			style:height="{layout.height * small}px"
			aria-hidden="true"
			data-testid="overview"
			onpointerdown={lookAt}
			onpointermove={lookAt}
		></canvas>
	{/if}
</div>

<style>
	.chart {
		height: 100%;
		min-height: 8rem;
	}
	.chart [role='grid'] {
		touch-action: pan-x pan-y;
	}
	.chart [role='grid']:focus-visible {
		outline: 3px solid var(--color-accent);
		outline-offset: 2px;
	}
</style>
