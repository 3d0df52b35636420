import type { Browser, Page } from 'puppeteer-core';

export const CHROMIUM: string;
export function launch(size?: { width: number; height: number }): Promise<Browser>;
export function pasteStatement(page: Page, text: string): Promise<void>;
export function freePort(): Promise<number>;
export function serve(
	env?: Record<string, string>,
	folder?: string
): Promise<{ url: string; pid: number; stop: () => void }>;
