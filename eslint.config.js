import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import { oneNamePerType } from './scripts/lib/one-name-per-type.mjs';

/** A craft says what it is by its own fields; other code does not test for its name. */
const CRAFT_NAMES = [
	'BinaryExpression > Literal[value=/^(hand|twisted|brioche|double-knit|loom|machine)$/]',
	'SwitchCase > Literal[value=/^(hand|twisted|slipped|brioche|double-knit|loom|machine)$/]',
	'CallExpression[callee.name=/^craft(Of|In)$/] > Literal',
	'Property[key.name="craft"] > Literal',
].map((selector) => ({
	selector,
	message: 'Ask the craft for what you need; it is named in core/craft alone.',
}));
/** Two equal keys in one list end a page: a key is an index, or an id that the data has once. */
const EACH_KEYS = [
	'SvelteEachBlock > Identifier.key:not([name=/^(i|k|m|at|nth|id|stitch|press)$/])',
	'SvelteEachBlock > MemberExpression.key:not([property.name=/^(id|i|key|version|token|press)$/])',
	'SvelteEachBlock > :not(Identifier, MemberExpression).key',
].map((selector) => ({
	selector,
	message: 'Two of these may be equal, and that ends the page. Key by the index, or by an id.',
}));

/** Files of core/notation that hold the words of patterns. (Its close names test the names of terms.) */
const VOCABULARY = [
	'name-words',
	'everyday',
	'glossary',
	'pegs',
	'on-tools',
	'what',
	'read-with',
	'sentence/sentence-words',
	'sentence/plainly',
	'sentence/write',
	'rows/phrases',
	'rows/stitches',
	'rows/plainly',
	'rows/kinds-of-line',
	'rows/label',
	'rows/repeat-line',
	'rows/until',
	'rows/fabrics',
	'rows/sizes',
	'rows/unread',
];

export default ts.config(
	{
		ignores: [
			'**/node_modules',
			'.mutants',
			'**/.svelte-kit',
			'**/build',
			'**/*.parser.js',
			'**/*.parser.terms.js',
			'test-results',
			'.bench',
		],
	},
	js.configs.recommended,
	...ts.configs.strict,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.node } },
		rules: {
			'no-undef': 'off',
			// Indexes are checked by the compiler; where the model guarantees one, `!` says so.
			'@typescript-eslint/no-non-null-assertion': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
			'@typescript-eslint/consistent-type-imports': 'error',
			eqeqeq: 'error',
			'no-console': ['error', { allow: ['error'] }],
		},
	},
	{
		files: ['core/**', 'web/**', 'scripts/**'],
		ignores: ['**/*.test.ts'],
		plugins: { project: { rules: { 'one-name-per-type': oneNamePerType } } },
		rules: { 'project/one-name-per-type': 'error' },
	},
	{ files: ['scripts/**', 'e2e/**'], rules: { 'no-console': 'off' } },
	// Fixtures name what they need, and some need nothing.
	{ files: ['e2e/**'], rules: { 'no-empty-pattern': ['error', { allowObjectPatternsAsParameters: true }] } },
	{
		files: ['core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		// The core is pure: no clock, no chance, no interface, no machine.
		rules: {
			'no-restricted-globals': [
				'error',
				'window',
				'document',
				'process',
				'fetch',
				'setTimeout',
				'crypto',
				'performance',
			],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: 'Chance is passed in, not taken.' },
				{ object: 'Date', property: 'now', message: 'The time is passed in, not taken.' },
			],
		},
	},
	{
		// English is known by the vocabulary alone: the tables of words, phrases and ways of writing. What reads them has none.
		files: ['core/notation/**/*.ts', 'core/swatch/**/*.ts'],
		ignores: ['**/*.test.ts', 'core/notation/close.ts', ...VOCABULARY.map((file) => `core/notation/${file}.ts`)],
		rules: {
			'no-restricted-syntax': [
				'error',
				...CRAFT_NAMES,
				{
					selector: 'Literal[regex.pattern=/(^|[^\\\\a-zA-Z])[a-zA-Z]{2,}/]',
					message: 'Words of patterns stand in the vocabulary of core/notation; ask it.',
				},
			],
		},
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'] },
			globals: globals.browser,
		},
	},
	{
		files: ['web/src/**', 'core/{block,document,lesson,look,made,schema,skill,step,swatch}/**'],
		ignores: ['**/*.test.ts'],
		rules: { 'no-restricted-syntax': ['error', ...CRAFT_NAMES] },
	},
	{
		files: ['web/src/**'],
		ignores: ['web/src/lib/ui/kept-here.ts', '**/*.test.ts'],
		rules: {
			'no-restricted-globals': [
				'error',
				...['localStorage', 'sessionStorage'].map((name) => ({
					name,
					message: 'Some browsers refuse it. Use keptHere or keptInTab of $lib/ui/kept-here.',
				})),
			],
		},
	},
	{ files: ['web/src/**/*.svelte'], rules: { 'no-restricted-syntax': ['error', ...CRAFT_NAMES, ...EACH_KEYS] } },
	// There is no base path: the app stands at the root of its address.
	{ files: ['web/src/**'], rules: { 'svelte/no-navigation-without-resolve': 'off' } },
);
