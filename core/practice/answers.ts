/** Answers that many questions have. */

import type { Option } from './question.ts';

export const LEANS: readonly Option[] = [
	{ id: 'left', label: 'To the left' },
	{ id: 'right', label: 'To the right' },
];
export const SIDES: readonly Option[] = [
	{ id: 'front', label: 'In front' },
	{ id: 'back', label: 'At the back' },
];
