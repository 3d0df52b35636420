/** The folders of the core: each may use what stands before it, and nothing of what comes after, not even types. */
const LAYERS =
	'language number problem form tableau notation sentence geometry spreadsheet formats method answer integer kind position parametric commentary move lesson design question sheet lecture api'.split(
		' '
	);

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
					'^node_modules/(fraction\\.js|d3-array|d3-dsv|d3-hierarchy|fflate|lossless-json|uqr|yup|@lezer/(lr|common))/',
					'\\.grammar(\\.terms)?$'
				]
			}
		},
		...LAYERS.slice(0, -1).map((folder, i) => ({
			name: `layer-${folder}`,
			comment: 'core folders stand in layers',
			severity: 'error',
			from: { path: `^src/lib/core/${folder}/`, pathNot: '\\.test\\.ts$' },
			to: {
				path: `^src/lib/core/(${LAYERS.slice(i + 1).join('|')})/`
			}
		})),
		{
			name: 'every-folder-has-a-layer',
			severity: 'error',
			from: { path: '^src/lib' },
			to: { path: '^src/lib/core/', pathNot: `^src/lib/core/(${LAYERS.join('|')})/` }
		},
		{
			name: 'view-goes-through-desk',
			comment: 'views show what the desk gives them; they neither store nor run jobs',
			severity: 'error',
			from: { path: '^src/lib/view' },
			to: { path: '^src/lib/(store|work)' }
		},
		{
			name: 'view-uses-faces-of-core',
			comment:
				'views and pages use of each folder of the core what its index.ts names (or load a module when it is first wanted)',
			severity: 'error',
			from: { path: '^src/(lib/view|routes)', pathNot: '\\.test\\.ts$' },
			to: {
				path: '^src/lib/core/',
				pathNot: '^src/lib/core/[a-z]+/index\\.ts$|\\.grammar(\\.terms)?$',
				dependencyTypesNot: ['dynamic-import']
			}
		},
		{
			name: 'faces-are-for-views',
			comment: 'core, desk and work import the modules themselves',
			severity: 'error',
			from: { pathNot: '^src/(lib/view|routes)' },
			to: { path: '^src/lib/core/[a-z]+/index\\.ts$' }
		},
		{
			name: 'views-do-not-solve',
			comment: 'what takes solving they ask the desk for (desk/worked-out.ts)',
			severity: 'error',
			from: { path: '^src/lib/(view|core/[a-z]+/index\\.ts$)' },
			to: {
				path: '^src/lib/core/(answer/answer|method/(primal|dual|repair|artificial|run|solve|decide)|tableau/(kernel|build)|integer/(search|branch|cuts|relaxation|covers|lattice|compare|proof)|form/standard)\\.ts$',
				dependencyTypesNot: ['type-only']
			}
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
			to: { circular: true }
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
