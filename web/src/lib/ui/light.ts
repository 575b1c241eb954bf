/** Day or dusk: kept in a cookie, so that the server paints the first view in the right light. */

export type Light = 'day' | 'dusk';

export const LIGHT_COOKIE = 'pond-light';

export const lightFrom = (value: string | undefined): Light => (value === 'dusk' ? 'dusk' : 'day');
