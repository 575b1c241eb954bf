// A lint rule: a type's name is declared once in the project, so that a search for it finds one thing.

/** Names that every component has. @type {ReadonlySet<string>} */
const SHARED = new Set(['Props']);
/** Files that declare a name, of the files that were linted so far. @type {Map<string, Set<string>>} */
const declaredIn = new Map();

/** @type {import('eslint').Rule.RuleModule} */
export const oneNamePerType = {
	meta: {
		type: 'suggestion',
		docs: { description: 'Declares each type name in one file.' },
		messages: { again: '{{name}} is declared in {{other}} too. Give one of them the name of what it is.' },
		schema: [],
	},
	create(context) {
		const file = context.filename;
		for (const files of declaredIn.values()) files.delete(file);
		/** @param {import('eslint').Rule.Node & { id?: { name: string } | null }} node */
		const declares = (node) => {
			const name = node.id?.name;
			if (!name || SHARED.has(name)) return;
			const files = declaredIn.get(name) ?? new Set();
			declaredIn.set(name, files.add(file));
			const other = [...files].find((f) => f !== file);
			if (other) context.report({ node, messageId: 'again', data: { name, other: other.replace(context.cwd, '.') } });
		};
		return { TSInterfaceDeclaration: declares, TSTypeAliasDeclaration: declares, ClassDeclaration: declares };
	},
};
