/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';
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
const PAGES = [...PAGE_PATHS, LESSONS_PATH, HELP_PATH, PRACTICE_PATH, HANDOUT_PATH, LECTURE_PATH, SPEAKER_PATH];

/** the guide's pictures are fetched when they are looked at */
const isNeeded = (path: string): boolean => !path.endsWith('.png');

self.addEventListener('install', (event) => {
	event.waitUntil(
		caches.open(CACHE).then((cache) => cache.addAll([...build.filter(isNeeded), ...files, ...PAGES]))
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
	if (request.method !== 'GET' || url.origin !== location.origin || url.pathname.startsWith('/api/')) return;
	event.respondWith(
		(async () => {
			const cache = await caches.open(CACHE);
			const kept = await cache.match(url.pathname, { ignoreVary: true });
			return kept ?? fetch(request);
		})()
	);
});
