// The seams of the core's folders, without its tests: a test may use what stands above the folder that it tests.
/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
	forbidden: [
		{
			name: 'folders-of-the-core-stand-on-each-other',
			severity: 'error',
			scope: 'folder',
			from: { path: '^core/' },
			to: { circular: true },
		},
	],
	options: {
		exclude: { path: '\\.test\\.ts$|^core/test/|node_modules' },
		tsPreCompilationDeps: true,
		tsConfig: { fileName: 'tsconfig.seams.json' },
		enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
	},
};
