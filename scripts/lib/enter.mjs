/**
 * Enters the demo at an address, as a press on its door would.
 * @param {string} address
 * @returns {Promise<string>} the cookie to send from then on
 */
export async function enterDemo(address) {
	const answer = await fetch(`${address}/sign-in?/demo`, {
		method: 'POST',
		headers: { origin: address, 'content-type': 'application/x-www-form-urlencoded' },
		redirect: 'manual',
	});
	const cookie = answer.headers.getSetCookie().find((c) => c.includes('pond-session='));
	if (!cookie) throw new Error(`The demo cannot be entered at ${address} (${answer.status}).`);
	return cookie.split(';')[0] ?? '';
}
