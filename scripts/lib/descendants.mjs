// Processes that a process has started, and those that these have started, as Linux tells them.
import { readdirSync, readFileSync } from 'node:fs';

/**
 * All of them, in no order.
 * @param {number} pid
 * @returns {readonly number[]}
 */
export function descendants(pid) {
	/** @type {Map<number, number[]>} */
	const children = new Map();
	for (const name of readdirSync('/proc').filter((n) => /^\d+$/.test(n))) {
		const stat = textOf(Number(name), 'stat');
		const parent = Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]);
		children.set(parent, [...(children.get(parent) ?? []), Number(name)]);
	}
	/** @type {(of: number) => readonly number[]} */
	const below = (of) => (children.get(of) ?? []).flatMap((child) => [child, ...below(child)]);
	return below(pid);
}

/** A file that the kernel keeps of a process; empty when the process has ended. @param {number} pid @param {string} file */
export function textOf(pid, file) {
	try {
		return readFileSync(`/proc/${pid}/${file}`, 'utf8');
	} catch {
		return '';
	}
}
