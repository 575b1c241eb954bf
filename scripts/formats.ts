/** Writes the JSON Schemas of what the app reads and writes, made from the schemas that it checks with. */

import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { publishedSchemas } from './lib/published-schemas.ts';
import { root } from './lib/paths.mjs';

for (const [name, text] of publishedSchemas()) writeFileSync(join(root, 'docs', 'formats', name), text);
