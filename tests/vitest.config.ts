import { defineConfig } from 'vitest/config';

// tests in a real browser against the built application; `npm run build` first
export default defineConfig({
	test: {
		root: '.',
		include: ['tests/**/*.test.ts'],
		environment: 'node',
		testTimeout: 60_000,
		hookTimeout: 60_000,
		fileParallelism: false
	}
});
