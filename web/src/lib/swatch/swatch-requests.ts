/** What is done with swatches from elsewhere than their own page. */

import type { Swatch, YarnPiece } from '@pond-loop/core/schema';
import { DONE, fields } from '$lib/save/answers';
import { send, type SendAnswer } from '$lib/save/send';

interface CreatedSwatch {
	readonly id: string;
	readonly version: number;
	readonly title: string;
}
const MADE = fields({ id: 'string', version: 'number', title: 'string' });
const REMOVED = fields({ title: 'string' });

export const createSwatch = (swatch: Swatch): Promise<SendAnswer<CreatedSwatch>> =>
	send('POST', '/api/swatches', { swatch }, MADE);

export const removeSwatch = (id: string): Promise<SendAnswer<{ readonly title: string }>> =>
	send('DELETE', `/api/swatches/${id}`, undefined, REMOVED);

export const restoreSwatch = (id: string): Promise<SendAnswer<object>> => send('POST', `/api/swatches/${id}`, {}, DONE);

/** What a measured piece taught, into its yarn of the drawer. */
export const putPiece = (yarn: string, piece: Omit<YarnPiece, 'aside'>): Promise<SendAnswer<object>> =>
	send('POST', `/api/yarns/${encodeURIComponent(yarn)}/pieces`, piece, DONE);

export const savePlace = (id: string, place: number): Promise<SendAnswer<object>> =>
	send('PUT', `/api/swatches/${id}/place`, { place }, DONE);
