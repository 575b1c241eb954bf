import { ClassSchema, type Class } from '@pond-loop/core/class';
import { Autosave } from '$lib/save/autosave.svelte';
import { saveClass } from './api';

export interface OpenedClass {
	readonly id: string;
	readonly version: number;
	readonly class: Class;
}

/** One open class on its way to the server. */
export const keepClass = ({ id, version, class: value }: OpenedClass): Autosave<Class> =>
	new Autosave({ key: id, schema: ClassSchema, send: (v, now) => saveClass(id, v, now) }, { version, value });
