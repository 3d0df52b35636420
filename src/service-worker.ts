/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { base, build, files, prerendered, version } from '$service-worker';
import {
	HANDOUT_PATH,
	HELP_PATH,
	LECTURE_PATH,
	LESSONS_PATH,
	PAGE_PATHS,
	PRACTICE_PATH,
	SPEAKER_PATH
} from '$lib/desk/pages';

/**
 * Lets the application open and work without a network. Everything that belongs to a version is kept together, pages and code, and served
 * from there; a newer version waits until it is asked for or until all its tabs have been closed.
 */

const self = globalThis.self as unknown as ServiceWorkerGlobalScope;
const CACHE = `mathesis-${version}`;
const KNOWN = [
	...PAGE_PATHS,
	LESSONS_PATH,
	HELP_PATH,
	PRACTICE_PATH,
	HANDOUT_PATH,
	LECTURE_PATH,
	SPEAKER_PATH
];
/** in a folder of files each page is one, under an address with a slash at its end */
const PAGES = prerendered.length > 0 ? prerendered : KNOWN.map((path) => base + path);

/** the guide's pictures are fetched when they are looked at */
const isNeeded = (path: string): boolean => !path.endsWith('.png');

/** files fetched at a time: the page that is being looked at has the network and the machine first */
const AT_A_TIME = 3;

self.addEventListener('install', (event) => {
	event.waitUntil(
		(async () => {
			const cache = await caches.open(CACHE);
			const left = [...build.filter(isNeeded), ...files, ...PAGES];
			const fetchNext = async () => {
				for (let path = left.shift(); path !== undefined; path = left.shift())
					await cache.add(new Request(path, { priority: 'low' }));
			};
			await Promise.all(Array.from({ length: AT_A_TIME }, fetchNext));
		})()
	);
});

self.addEventListener('activate', (event) => {
	event.waitUntil(
		(async () => {
			for (const name of await caches.keys())
				if (name.startsWith('mathesis-') && name !== CACHE) await caches.delete(name);
			await self.clients.claim();
		})()
	);
});

self.addEventListener('message', ({ data }) => {
	if (data === 'take the new version') void self.skipWaiting();
});

self.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== location.origin || url.pathname.startsWith(`${base}/api/`))
		return;
	event.respondWith(
		(async () => {
			const cache = await caches.open(CACHE);
			const kept = await cache.match(url.pathname, { ignoreVary: true });
			// files that a page names stand relative to its address, slash included
			if (!kept && (await cache.match(`${url.pathname}/`, { ignoreVary: true })))
				return Response.redirect(`${url.pathname}/${url.search}`, 301);
			return kept ?? fetch(request);
		})()
	);
});
