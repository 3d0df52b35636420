import { defineConfig } from 'vitest/config';

// tests in a real browser against the built application; `npm run build` first
export default defineConfig({
	test: {
		root: '.',
		include: ['tests/**/*.test.ts'],
		environment: 'node',
		testTimeout: 60_000,
		hookTimeout: 60_000,
		// each file has a browser and a server of its own; two at a time leave a machine of two cores its breath
		maxWorkers: 2
	}
});
