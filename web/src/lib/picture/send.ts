/** Giving the server a picture to keep. */

import { fields } from '$lib/save/answers';
import { sendFile, type SendAnswer } from '$lib/save/send';

/** As the server refuses it as well. */
const MOST_BYTES = 8 * 1024 * 1024;

export interface SentPicture {
	readonly id: string;
	readonly width: number;
	readonly height: number;
}

export const sendPicture = async (file: Blob): Promise<SendAnswer<SentPicture>> =>
	file.size > MOST_BYTES
		? { kind: 'refused', message: 'That picture is larger than 8 MB. Make it smaller, or choose another.' }
		: sendFile('/api/pictures', file, fields({ id: 'string', width: 'number', height: 'number' }));
