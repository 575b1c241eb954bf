/** Where crossings are practised without an account: their names stand in the address. */

import type { Crossing } from '@pond-loop/core/crossing';
import { nameIn, type SchoolId } from '@pond-loop/core/notation';

/** Undefined where none of them has a name. */
export function practiceAddress(crossings: readonly Crossing[], school: SchoolId): string | undefined {
	const names = [...new Set(crossings.flatMap((c) => nameIn('slash', c, false) ?? []))];
	return names.length === 0
		? undefined
		: `/practice?with=${names.map((n) => encodeURIComponent(n)).join(',')}&school=${school}`;
}
