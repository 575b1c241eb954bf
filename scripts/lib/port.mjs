import { createServer } from 'node:net';

/**
 * A port on 127.0.0.1 that is free now; `wanted` when it can be had.
 * @param {number} [wanted]
 * @returns {Promise<number>}
 */
export function freePort(wanted = 0) {
	return new Promise((resolve, reject) => {
		const probe = createServer();
		probe.once('error', (error) => (wanted === 0 ? reject(error) : resolve(freePort())));
		probe.listen(wanted, '127.0.0.1', () => {
			const address = probe.address();
			const port = typeof address === 'object' && address ? address.port : 0;
			probe.close(() => resolve(port));
		});
	});
}
