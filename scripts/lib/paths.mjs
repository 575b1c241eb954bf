// Where things are, and a key that is this clone's own.
import { createHash } from 'node:crypto';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..');

/** Two clones on one machine must not share a cluster, a lock or a build. */
export const cloneKey = createHash('sha256').update(root).digest('hex').slice(0, 10);
