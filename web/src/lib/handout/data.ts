import type { PageData } from '../../routes/lessons/[id]/print/$types';

/** What the page of a lesson's handouts is given. */
export type HandoutData = PageData;
