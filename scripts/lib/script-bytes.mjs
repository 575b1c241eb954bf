// How much script a page sends to a browser that was never here, and how much it may.

/** Pages by what they may send at most, in bytes as they go over the wire, heads included. */
export const MOST_SENT = { '/stage?name=C4F': 120_000, '/account': 75_000, '/swatches': 80_000 };

/**
 * What goes over the wire of scripts for a page, compressed, until nothing more is asked for.
 * @param {import('@playwright/test').Page} page one of a context that has opened nothing yet
 * @param {string} url
 */
export async function scriptBytes(page, url) {
	const wire = await page.context().newCDPSession(page);
	await wire.send('Network.enable');
	/** @type {Map<string, boolean>} */
	const isScript = new Map();
	let bytes = 0;
	wire.on('Network.responseReceived', ({ requestId, type }) => isScript.set(requestId, type === 'Script'));
	wire.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
		if (isScript.get(requestId)) bytes += encodedDataLength;
	});
	await page.goto(url, { waitUntil: 'networkidle' });
	return bytes;
}
