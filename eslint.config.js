import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default ts.config(
	{
		ignores: ['build/', 'build-static/', '.svelte-kit/', '.svelte-kit-static/', '.output/', 'node_modules/']
	},
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
			// every resolve is a page of this one-page application, so there is nothing to resolve
			'svelte/no-navigation-without-resolve': 'off'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } }
	},
	{
		files: ['src/lib/core/**/*.ts'],
		rules: {
			'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch', 'console', 'process']
		}
	},
	{
		files: ['src/**', 'tests/**', 'bench/**', 'scripts/**'],
		ignores: ['**/*.test.ts', 'tests/**'],
		rules: { 'max-lines': ['error', { max: 500, skipBlankLines: false, skipComments: false }] }
	}
);
