import adapterNode from '@sveltejs/adapter-node';
import adapterStatic from '@sveltejs/adapter-static';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { finishServer } from './scripts/server-bundle.mjs';

/** the content security policy of pages and files */
const POLICY = {
	'default-src': ['none'],
	'script-src': ['self'],
	// KaTeX and Svelte position with style attributes; no style comes from a user's text
	'style-src': ['self', 'unsafe-inline'],
	'img-src': ['self', 'data:', 'blob:'],
	'font-src': ['self', 'data:'],
	'connect-src': ['self'],
	'worker-src': ['self', 'blob:'],
	'manifest-src': ['self'],
	'base-uri': ['none'],
	'form-action': ['none'],
	'frame-ancestors': ['none'],
	'object-src': ['none']
};

/** adapter-node, and beside its server the bundle of the worker threads. */
function adapter() {
	const node = adapterNode({ out: 'build' });
	return {
		...node,
		async adapt(builder) {
			await node.adapt(builder);
			await finishServer('build', POLICY);
		}
	};
}

/** whether a folder for a plain web server is built (scripts/build-static.mjs) */
const isStatic = process.env.MATHESIS_STATIC === '1';

/** what a page's own element of a policy cannot say */
const { 'frame-ancestors': _ancestors, ...IN_PAGE } = POLICY;

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	compilerOptions: { runes: true },
	kit: {
		adapter: isStatic
			? adapterStatic({ pages: 'build-static', assets: 'build-static', strict: false })
			: adapter(),
		...(isStatic ? { outDir: '.svelte-kit-static' } : {}),
		// the page registers it itself, and tells what became of it
		serviceWorker: { register: false },
		// nothing here rests on cookies, so a form from elsewhere can do no harm; the API answers it with 415
		csrf: { trustedOrigins: ['*'] },
		csp: {
			mode: 'auto',
			directives: isStatic ? IN_PAGE : POLICY
		}
	}
};
