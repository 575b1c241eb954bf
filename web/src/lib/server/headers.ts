/** Headers that every answer carries. The content policy is made with the pages, as it names their scripts. */

const ALWAYS: Readonly<Record<string, string>> = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
};

const HALF_A_YEAR = 182 * 24 * 60 * 60;

/** Seconds for which a browser may show the page of a stranger again; it hangs on the few choices kept in cookies. */
const KEEP = 60;

export function secure(
	response: Response,
	{ https, personal, kept }: { https: boolean; personal: boolean; kept: boolean },
): Response {
	for (const [name, value] of Object.entries(ALWAYS)) response.headers.set(name, value);
	if (https) response.headers.set('strict-transport-security', `max-age=${HALF_A_YEAR}`);
	const own = response.headers.get('x-pond-keep');
	response.headers.delete('x-pond-keep');
	if (own) {
		response.headers.set('cache-control', own);
		return response;
	}
	// After signing out, going back must not show what was there.
	if (personal) response.headers.set('cache-control', 'no-store');
	else if (kept) {
		response.headers.set('cache-control', `public, max-age=${KEEP}`);
		response.headers.append('vary', 'cookie');
	}
	return response;
}
