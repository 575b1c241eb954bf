import { dozing } from '$lib/ui/asleep/asleep';
import Facts from './Facts.svelte';
import PracticeMade from './PracticeMade.svelte';
import SwatchFiles from './SwatchFiles.svelte';
import WhatIf from './WhatIf.svelte';

/** What a practice swatch comes to, worked after the page that asks for it. */
export const practiceMade = dozing(PracticeMade);

/** What stands about a chart, woken after it. */
export const facts = dozing(Facts);
export const whatIf = dozing(WhatIf);
export const swatchFiles = dozing(SwatchFiles);
