import { collecting } from '@pond-loop/core/collection';
import { inPieces } from '$lib/ui/in-pieces';
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ data }) => ({ ...data, all: (await inPieces(collecting())).value });
