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

export function secure(response: Response, { https, personal }: { https: boolean; personal: boolean }): Response {
	for (const [name, value] of Object.entries(ALWAYS)) response.headers.set(name, value);
	if (https) response.headers.set('strict-transport-security', `max-age=${HALF_A_YEAR}`);
	// After signing out, going back must not show what was there.
	if (personal) response.headers.set('cache-control', 'no-store');
	return response;
}
