// The seams of the house: what may lean on what.
/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
	forbidden: [
		{ name: 'no-rings', severity: 'error', from: {}, to: { circular: true } },
		{
			name: 'core-is-pure',
			comment: 'The model knows nothing of pages, servers, files or databases.',
			severity: 'error',
			from: { path: '^core/', pathNot: '\\.test\\.ts$|^core/test/' },
			to: { path: '^(web|scripts|e2e|db)/|node_modules/(svelte|@sveltejs|pg|playwright)' },
		},
		{
			name: 'core-needs-no-machine',
			severity: 'error',
			from: { path: '^core/', pathNot: '\\.test\\.ts$|^core/test/' },
			to: { dependencyTypes: ['core'] },
		},
		{
			name: 'core-through-its-doors',
			comment: 'The app and the scripts use the index of each folder of the core, never a file behind it.',
			severity: 'error',
			from: { path: '^(web|scripts|e2e)/' },
			to: { path: '^core/', pathNot: '^core/([a-z]+/index\\.ts$|test/)' },
		},
		{
			name: 'controls-know-no-knitting',
			comment: 'What every app could use stands by itself: the folders that know what is knitted stand on it.',
			severity: 'error',
			from: { path: '^web/src/lib/ui/', pathNot: '\\.test\\.ts$' },
			to: { path: '^core/|^web/src/(lib/(?!ui/)|routes/)' },
		},
		{
			name: 'folders-stand-on-each-other',
			comment: 'Of two folders of the app one stands on the other; routes stand on all of them.',
			severity: 'error',
			scope: 'folder',
			from: { path: '^web/src/' },
			to: { circular: true },
		},
		{
			name: 'nothing-stands-on-routes',
			severity: 'error',
			from: { path: '^web/src/lib/' },
			to: { path: '^web/src/routes/' },
		},
		{
			name: 'drawings-know-no-craft',
			comment: 'One model, many drawings: a drawing draws traces, whichever craft made them.',
			severity: 'error',
			from: { path: '^core/drawing/', pathNot: '\\.test\\.ts$' },
			to: { path: '^core/craft/' },
		},
		{
			name: 'crafts-are-asked-by-their-door',
			comment: 'Nothing outside core/craft knows one craft by its folder.',
			severity: 'error',
			from: { path: '^(core|web|scripts|e2e)/', pathNot: '^core/craft/' },
			to: { path: '^core/craft/[a-z-]+/' },
		},
		{
			name: 'skills-know-crossings-only',
			severity: 'error',
			from: { path: '^core/skill/', pathNot: '\\.test\\.ts$' },
			to: { path: '^core/', pathNot: '^core/(skill|crossing)/' },
		},
		{
			name: 'steps-stand-under-lessons',
			comment: 'Lessons, classes and practice stand on steps, and steps on skills; never the other way round.',
			severity: 'error',
			from: { path: '^core/(step|block|look|made|swatch|drawing|craft|notation|schema)/', pathNot: '\\.test\\.ts$' },
			to: { path: '^core/(lesson|document)/' },
		},
		{
			name: 'crossing-is-the-ground',
			severity: 'error',
			from: { path: '^core/crossing/', pathNot: '\\.test\\.ts$' },
			to: { path: '^core/', pathNot: '^core/(crossing/|result\\.ts)' },
		},
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		exclude: { path: '\\.svelte-kit|/build/' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.seams.json' },
		enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
	},
};
