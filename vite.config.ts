import { lezer } from '@lezer/generator/rollup';
import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [lezer(), tailwindcss(), sveltekit()],
	worker: { format: 'es', plugins: () => [lezer()] },
	test: {
		include: ['src/**/*.test.ts'],
		environment: 'node',
		testTimeout: 60_000
	}
});
