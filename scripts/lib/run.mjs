// Child processes, with their output shown or caught.
import { spawn, spawnSync } from 'node:child_process';
import { root } from './paths.mjs';

/**
 * Runs a command to its end and gives its exit code; its output goes to ours.
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: NodeJS.ProcessEnv }} [options]
 * @returns {Promise<number>}
 */
export function run(command, args, { env } = {}) {
	return new Promise((resolve, reject) => {
		const child = spawn(command, args, {
			cwd: root,
			env: { ...process.env, ...env },
			stdio: ['ignore', 'inherit', 'inherit'],
		});
		child.on('error', reject);
		child.on('close', (code) => resolve(code ?? 1));
	});
}

/**
 * Runs a command that must succeed; its output is shown only when it does not.
 * @param {string} what for the message
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: NodeJS.ProcessEnv }} [options]
 */
export async function must(what, command, args, options) {
	const { code, said } = await listen(command, args, options);
	if (code !== 0) throw new Error(`${what} failed:\n${said}`);
}

/**
 * Runs a command that must succeed and gives what it printed.
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: NodeJS.ProcessEnv }} [options]
 */
export function output(command, args, { env } = {}) {
	const done = spawnSync(command, args, { cwd: root, env: { ...process.env, ...env }, encoding: 'utf8' });
	if (done.error) throw done.error;
	if (done.status !== 0) throw new Error(`${command} ${args.join(' ')} failed:\n${done.stdout}${done.stderr}`);
	return done.stdout;
}

/**
 * Runs a command in the background of ours and gives its exit code and all that it said.
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: NodeJS.ProcessEnv }} [options]
 * @returns {Promise<{ code: number, said: string }>}
 */
export function listen(command, args, { env } = {}) {
	return new Promise((resolve, reject) => {
		const child = spawn(command, args, {
			cwd: root,
			env: { ...process.env, ...env },
			stdio: ['ignore', 'pipe', 'pipe'],
		});
		let said = '';
		child.stdout.on('data', (data) => (said += data));
		child.stderr.on('data', (data) => (said += data));
		child.on('error', reject);
		child.on('close', (code) => resolve({ code: code ?? 1, said }));
	});
}

/** @param {string} command */
export const exists = (command) => spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;
