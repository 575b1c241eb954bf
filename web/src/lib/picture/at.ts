/** Where the pictures of a lesson are: with their teacher, or behind the link that a reader came by. */

import { getContext, setContext } from 'svelte';

const KEY = Symbol('pictures');

export const setPicturesAt = (folder: () => string): void => void setContext(KEY, folder);

/** The folder of their addresses. To be asked while a component is made. */
export const picturesAt = (): (() => string) => getContext<(() => string) | undefined>(KEY) ?? (() => '/api/pictures');
