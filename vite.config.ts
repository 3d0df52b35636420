import { lezer } from '@lezer/generator/rollup';
import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [lezer(), tailwindcss(), sveltekit()],
	build: {
		// the editor and typesetting are large, and the first page needs both
		chunkSizeWarningLimit: 1000,
		rolldownOptions: { checks: { pluginTimings: false } }
	},
	worker: { format: 'es', plugins: () => [lezer()] },
	test: {
		include: ['src/**/*.test.ts'],
		environment: 'node',
		testTimeout: 240_000,
		// two even on a machine of two cores, where the default is one
		maxWorkers: 2
	}
});
