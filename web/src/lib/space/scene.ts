/** Knitted yarn in a scene that can be turned: tubes along its rows, with cords told apart by colour, texture and letter. */

import { PALETTES, type Light, type YarnRow } from '@pond-loop/core/drawing';
import {
	AmbientLight,
	BufferAttribute,
	CanvasTexture,
	Color,
	DirectionalLight,
	Group,
	HemisphereLight,
	Mesh,
	MeshStandardMaterial,
	PerspectiveCamera,
	Scene,
	Spherical,
	Sprite,
	SpriteMaterial,
	SRGBColorSpace,
	TubeGeometry,
	Vector3,
	WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { inPieces } from '$lib/ui/in-pieces';
import { yieldToMain } from '$lib/ui/hydration';
import { curveOf } from './curves';
import { pulledOut } from './pulled';
import { SIDES, type SpaceSide } from './sides';

export interface ShownYarn {
	readonly rows: readonly YarnRow[];
	readonly thickness: number;
	/** The colour of each cord, by its place among the palette's, and its letter. */
	readonly cords: readonly { readonly colour: number; readonly letter: string }[];
	readonly light: Light;
	/** How far it is pulled apart sideways: 1 as it lies. */
	readonly pull: number;
}

/** What the script of one picture is called in the browser's own measures. */
const YARN_DRAWN = 'yarn-drawn';

/** Stitches up to which tubes are rounder and finer. */
const FINE = 1600;

export class YarnScene {
	readonly #renderer: WebGLRenderer;
	readonly #scene = new Scene();
	readonly #camera = new PerspectiveCamera(32, 1, 0.1, 4000);
	readonly #controls: OrbitControls;
	#yarn = new Group();
	#size = new Vector3(1, 1, 1);
	#asked = 0;
	/** What is to be shown next, and the work on it while there is any. */
	#wanted: ShownYarn | undefined;
	#making: Promise<void> | undefined;
	#isEnded = false;

	/** Throws where there is no WebGL. */
	constructor(canvas: HTMLCanvasElement) {
		this.#renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
		this.#renderer.setPixelRatio(Math.min(2, devicePixelRatio));
		const key = new DirectionalLight(0xffffff, 2.1);
		key.position.set(-0.5, 0.8, 1);
		const back = new DirectionalLight(0xffffff, 1.4);
		back.position.set(0.6, 0.6, -1);
		this.#scene.add(
			new AmbientLight(0xffffff, 0.7),
			new HemisphereLight(0xffffff, 0x9fb8b0, 0.8),
			key,
			back,
			this.#yarn,
		);
		this.#controls = new OrbitControls(this.#camera, canvas);
		this.#controls.addEventListener('change', () => this.draw());
	}

	/**
	 * Made in pieces; what was seen before stays until it is whole. Of what is asked for meanwhile only the last is made.
	 * Resolves once it is seen.
	 */
	show(shown: ShownYarn): Promise<void> {
		this.#wanted = shown;
		this.#making ??= (async () => {
			try {
				for (let next = this.#wanted; next && !this.#isEnded; next = this.#wanted) {
					this.#wanted = undefined;
					await yieldToMain();
					await inPieces(this.#made(next));
				}
			} finally {
				this.#making = undefined;
			}
		})();
		return this.#making;
	}

	*#made({ rows, thickness, cords, light, pull }: ShownYarn): Generator<undefined, void> {
		const yarn = new Group();
		const palette = PALETTES[light];
		const stitches = rows.reduce((sum, r) => sum + r.cords.length, 0);
		const round = stitches > FINE ? 5 : 7;
		const pieces = stitches > FINE ? 1 : 2;
		const material = new MeshStandardMaterial({ vertexColors: true, roughness: 0.88, metalness: 0 });
		const colour = new Map<number, { body: Color; mark: Color; texture: number }>();
		for (const cord of new Set(rows.flatMap((r) => r.cords))) {
			const look = cord < 0 ? palette.ground : palette.cords[cords[cord]!.colour % 4]!;
			colour.set(cord, {
				body: new Color(look.body),
				mark: new Color(look.mark),
				texture: cord < 0 ? -1 : cords[cord]!.colour % 4,
			});
		}
		const low = new Vector3(Infinity, Infinity, Infinity);
		const high = new Vector3(-Infinity, -Infinity, -Infinity);
		for (const row of rows) {
			const points = row.points.map((p) => pulledOut(p, pull));
			for (const { x, y, z } of points) {
				low.min(new Vector3(-x, y, z));
				high.max(new Vector3(-x, y, z));
			}
			// Stitches count from the right.
			const curve = curveOf({ points: points.map(({ x, y, z }) => ({ x: -x, y, z })) });
			const many = (points.length - 1) * pieces;
			const tube = new TubeGeometry(curve, many, thickness / 2, round, false);
			const colours = new Float32Array((many + 1) * (round + 1) * 3);
			for (let k = 0; k <= many; k++) {
				const { body, mark, texture } = colour.get(
					row.cords[row.stitch[Math.round((k * (points.length - 1)) / many)]!]!,
				)!;
				for (let j = 0; j <= round; j++) {
					const isMark =
						(texture === 1 && k % 5 < 2) ||
						(texture === 2 && k % 4 === 0 && j % 3 === 0) ||
						(texture === 3 && j % round < 2);
					(isMark ? mark : body).toArray(colours, (k * (round + 1) + j) * 3);
				}
			}
			tube.setAttribute('color', new BufferAttribute(colours, 3));
			yarn.add(new Mesh(tube, material));
			yield;
		}
		if (this.#isEnded) {
			cleared(yarn);
			return;
		}
		this.#letters(yarn, rows, cords, palette.ink, pull);
		const middle = low.clone().add(high).multiplyScalar(0.5);
		this.#scene.remove(this.#yarn).add(yarn);
		cleared(this.#yarn);
		this.#yarn = yarn;
		this.#yarn.position.copy(middle.negate());
		this.#size = high.sub(low);
		this.draw();
	}

	/** Each cord's letter, above where it ends. */
	#letters(yarn: Group, rows: readonly YarnRow[], cords: ShownYarn['cords'], ink: string, pull: number): void {
		const last = rows.at(-1);
		if (!last) return;
		const top = Math.max(...last.points.map((p) => p.y));
		for (const cord of new Set(last.cords)) {
			if (cord < 0) continue;
			const own = last.points.filter((_, i) => last.cords[last.stitch[i]!] === cord);
			const at = pulledOut({ x: own.reduce((sum, p) => sum + p.x, 0) / own.length, y: top + 0.75, z: 0 }, pull);
			const canvas = document.createElement('canvas');
			canvas.width = canvas.height = 64;
			const pen = canvas.getContext('2d');
			if (!pen) continue;
			pen.font = 'bold 48px "Atkinson Hyperlegible Next Variable", sans-serif';
			pen.textAlign = 'center';
			pen.textBaseline = 'middle';
			pen.fillStyle = ink;
			pen.fillText(cords[cord]!.letter, 32, 34);
			const map = new CanvasTexture(canvas);
			map.colorSpace = SRGBColorSpace;
			const sprite = new Sprite(new SpriteMaterial({ map }));
			sprite.position.set(-at.x, at.y, 0);
			yarn.add(sprite);
		}
	}

	/** As seen from a named side, all of it in the picture. */
	see(side: SpaceSide): void {
		const { round, down } = SIDES[side];
		const { x, y, z } = this.#size;
		const tall = side === 'above' ? Math.max(z, 2) : y;
		const wide = side === 'edge' ? Math.max(z, 2) : x;
		const half = Math.tan((this.#camera.fov * Math.PI) / 360);
		const far = Math.max(tall + 3.4, (wide + 1.6) / this.#camera.aspect) / (2 * half) + z;
		const at = new Spherical(far, (down * Math.PI) / 180, (round * Math.PI) / 180);
		this.#controls.target.set(0, 0, 0);
		this.#camera.position.setFromSpherical(at);
		this.#controls.update();
		this.draw();
	}

	/** Turned by so many degrees, or nearer by a factor. */
	turn(round: number, down: number, nearer = 1): void {
		const at = new Spherical().setFromVector3(this.#camera.position.clone().sub(this.#controls.target));
		at.theta += (round * Math.PI) / 180;
		at.phi = Math.min(Math.PI - 0.05, Math.max(0.05, at.phi + (down * Math.PI) / 180));
		at.radius = Math.min(2000, Math.max(2, at.radius / nearer));
		this.#camera.position.setFromSpherical(at).add(this.#controls.target);
		this.#controls.update();
		this.draw();
	}

	resize(width: number, height: number): void {
		this.#renderer.setSize(width, height, false);
		this.#camera.aspect = width / height;
		this.#camera.updateProjectionMatrix();
		this.draw();
	}

	/** Draws once for however many changes come before the next picture. */
	draw(): void {
		if (this.#asked || this.#isEnded) return;
		this.#asked = requestAnimationFrame(() => {
			this.#asked = 0;
			this.#now();
		});
	}
	#now(): void {
		const start = performance.now();
		this.#renderer.render(this.#scene, this.#camera);
		// The script of one picture, for who measures; one entry, however many are drawn.
		performance.clearMeasures(YARN_DRAWN);
		performance.measure(YARN_DRAWN, { start });
	}

	/** What is seen, as a picture for paper. */
	still(canvas: HTMLCanvasElement): Promise<Blob | null> {
		this.#now();
		return new Promise((done) => canvas.toBlob(done, 'image/png'));
	}

	end(): void {
		this.#isEnded = true;
		cancelAnimationFrame(this.#asked);
		cleared(this.#yarn);
		this.#controls.dispose();
		this.#renderer.dispose();
	}
}

/** Gives back what its parts hold of the graphics. */
function cleared(yarn: Group): void {
	for (const part of yarn.children) {
		if (part instanceof Mesh) part.geometry.dispose();
		if (part instanceof Sprite) part.material.map?.dispose();
	}
	yarn.clear();
}
