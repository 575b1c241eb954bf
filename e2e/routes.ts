/** Every address of the app and what it answers to, read from its source: a new route is in the list by itself. */

import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative, sep } from 'node:path';
import ts from 'typescript';
import { root } from '../scripts/lib/paths.mjs';

export interface Door {
	/** The route's id, such as `/lessons/[id]`. */
	readonly id: string;
	readonly method: string;
	/** The name of a form action. */
	readonly action?: string;
	readonly page: boolean;
}

const METHODS = new Set(['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS', 'HEAD']);
const routes = join(root, 'web', 'src', 'routes');

function foldersUnder(folder: string): string[] {
	const inside = readdirSync(folder).map((name) => join(folder, name));
	return [folder, ...inside.filter((path) => statSync(path).isDirectory()).flatMap(foldersUnder)];
}

/** The exported declarations of a file, by name. */
function exportsOf(file: string): Map<string, ts.Expression | undefined> {
	const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
	const found = new Map<string, ts.Expression | undefined>();
	for (const statement of source.statements) {
		if (!ts.canHaveModifiers(statement)) continue;
		if (!ts.getModifiers(statement)?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword)) continue;
		if (ts.isFunctionDeclaration(statement) && statement.name) found.set(statement.name.text, undefined);
		if (!ts.isVariableStatement(statement)) continue;
		for (const { name, initializer } of statement.declarationList.declarations) {
			if (ts.isIdentifier(name)) found.set(name.text, initializer);
		}
	}
	return found;
}

function actionsOf(file: string): string[] {
	if (!existsSync(file)) return [];
	const actions = exportsOf(file).get('actions');
	if (!actions) return [];
	if (!ts.isObjectLiteralExpression(actions)) throw new Error(`${file}: actions are not written as one object`);
	return actions.properties.map((p) => p.name!.getText());
}

export function allDoors(): Door[] {
	return foldersUnder(routes).flatMap((folder): Door[] => {
		const id = `/${relative(routes, folder).split(sep).join('/')}`;
		const doors: Door[] = [];
		if (existsSync(join(folder, '+page.svelte'))) {
			doors.push({ id, method: 'GET', page: true });
			for (const action of actionsOf(join(folder, '+page.server.ts'))) {
				doors.push({ id, method: 'POST', action, page: true });
			}
		}
		const server = join(folder, '+server.ts');
		if (existsSync(server)) {
			for (const method of [...exportsOf(server).keys()].filter((name) => METHODS.has(name))) {
				doors.push({ id, method, page: false });
			}
		}
		return doors;
	});
}
