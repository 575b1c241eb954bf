/** Who asks, by address, for whatever counts. */

import ipaddr from 'ipaddr.js';

/**
 * One who asks: an address, and of the long kind a whole network, as one machine has all of its addresses.
 * @param {string} address
 */
export function placeOf(address) {
	if (!ipaddr.isValid(address)) return address;
	const parsed = ipaddr.process(address);
	if (parsed.kind() === 'ipv4') return parsed.toString();
	return ipaddr.IPv6.networkAddressFromCIDR(`${parsed.toString()}/64`).toString();
}
