/** The import rules of docs/ARCHITECTURE.md. */
module.exports = {
	forbidden: [
		{
			name: 'core-is-pure',
			comment: 'core imports nothing outside core but small pure libraries',
			severity: 'error',
			from: { path: '^src/lib/core', pathNot: '\\.test\\.ts$' },
			to: {
				pathNot: [
					'^src/lib/core',
					'^node_modules/(fraction\\.js|yup|lossless-json|d3-dsv|@lezer/(lr|common))/',
					'\\.grammar(\\.terms)?$'
				]
			}
		},
		{
			name: 'view-goes-through-desk',
			comment: 'views show what the desk gives them; they neither store nor run jobs',
			severity: 'error',
			from: { path: '^src/lib/view' },
			to: { path: '^src/lib/(store|work)' }
		},
		{
			name: 'nothing-imports-views-but-pages',
			severity: 'error',
			from: { path: '^src/lib/(core|store|work|desk)', pathNot: '\\.test\\.ts$' },
			to: { path: '^src/lib/view' }
		},
		{
			name: 'no-cycles',
			comment: 'but a place of a page consists of places',
			severity: 'error',
			from: { pathNot: 'SplitPlace\\.svelte$' },
			to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } }
		},
		{
			name: 'resolvable',
			severity: 'error',
			from: {},
			to: {
				couldNotResolve: true,
				pathNot: ['\\.grammar\\.terms$', '^\\$(app|env|service-worker)', '^\\./\\$types$']
			}
		}
	],
	options: {
		tsPreCompilationDeps: true,
		webpackConfig: { fileName: '.dependency-cruiser.resolve.cjs' },
		doNotFollow: { path: 'node_modules' },
		exclude: { path: '\\.svelte-kit' },
		enhancedResolveOptions: {
			extensions: ['.ts', '.js', '.mjs', '.svelte', '.css', '.grammar', '.svelte.ts'],
			exportsFields: ['exports'],
			conditionNames: ['svelte', 'import', 'types', 'style', 'default']
		}
	}
};
