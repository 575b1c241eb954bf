// `npm run language`: writes the page that lists what is read.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { languagePage } from './lib/language-page.ts';
import { root } from './lib/paths.mjs';

writeFileSync(join(root, 'docs', 'language.md'), languagePage());
