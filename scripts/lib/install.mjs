// Brings in what is missing: npm packages and Debian packages. Nothing that is there is touched.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { postgresBin } from './cluster.mjs';
import { alone } from './lock.mjs';
import { root } from './paths.mjs';
import { exists, must } from './run.mjs';

const stampFile = join(root, 'node_modules', '.installed-from');

const lockHash = () =>
	createHash('sha256')
		.update(readFileSync(join(root, 'package-lock.json')))
		.digest('hex');

const installed = () => existsSync(stampFile) && readFileSync(stampFile, 'utf8') === lockHash();

/** Runs `npm ci` unless the packages of this very lock file are in place. */
export async function ensureNpmPackages() {
	const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
	if (major < 20 || (major === 20 && minor < 19)) {
		throw new Error(`Pond Loop needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
	}
	await alone('install', async () => {
		if (installed()) return;
		console.log('Installing npm packages …');
		await must('npm ci', 'npm', ['ci', '--no-audit', '--no-fund']);
		writeFileSync(stampFile, lockHash());
	});
}

/**
 * Installs Debian packages whose programs are missing.
 * @param {{ browser: boolean }} wanted
 */
export async function ensureDebianPackages({ browser }) {
	await alone('debian', async () => {
		const missing = [];
		if (!postgresBin()) missing.push('postgresql');
		if (browser && !exists('chromium-headless-shell')) missing.push('chromium-headless-shell');
		if (missing.length === 0) return;
		const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
		if (!exists('apt-get') || !sudo.every(exists)) {
			throw new Error(
				`These programs are missing and cannot be installed from here: ${missing.join(', ')}. Install them and try again.`,
			);
		}
		console.log(`Installing Debian packages: ${missing.join(', ')} …`);
		const asAdmin = (/** @type {string[]} */ ...words) => {
			const [command, ...args] = [...sudo, ...words];
			return must(words.join(' '), /** @type {string} */ (command), args, {
				env: { DEBIAN_FRONTEND: 'noninteractive' },
			});
		};
		const apt = (/** @type {string[]} */ ...args) => asAdmin('apt-get', '-o', 'DPkg::Lock::Timeout=300', ...args);
		await apt('update');
		if (missing.includes('postgresql')) {
			// The package would start a cluster of its own, which nobody here asked for.
			await apt('install', '-y', '--no-install-recommends', 'postgresql-common');
			await asAdmin(
				'sed',
				'-i',
				's/^#\\?create_main_cluster.*/create_main_cluster = false/',
				'/etc/postgresql-common/createcluster.conf',
			);
		}
		await apt('install', '-y', ...missing);
	});
}
