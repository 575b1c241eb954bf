// One thread that makes pages: the built app, listening on a socket that only the front knows.
import { readlinkSync } from 'node:fs';
import { createServer } from 'node:http';
import { parentPort, workerData } from 'node:worker_threads';

const { handler } = await import(workerData.handler);
const server = createServer((request, response) => handler(request, response, () => response.writeHead(404).end()));
// The front waits as long as it means to; it is the one that hangs up.
server.requestTimeout = 0;
server.keepAliveTimeout = 0;
server.listen(workerData.socket, () => parentPort?.postMessage(usedFile()));
parentPort?.once('message', () => {
	server.close();
	server.closeIdleConnections();
	// The app closes its connections to the database when it hears this.
	/** @type {NodeJS.EventEmitter} */ (process).emit('sveltekit:shutdown', 'FRONT');
	parentPort?.close();
});

/** The file in which Linux keeps what this thread has used of the processor; empty elsewhere. */
function usedFile() {
	try {
		return `/proc/${readlinkSync('/proc/thread-self')}/schedstat`;
	} catch {
		return '';
	}
}
