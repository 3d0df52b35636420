import type { Browser } from 'puppeteer-core';

export const CHROMIUM: string;
export function launch(size?: { width: number; height: number }): Promise<Browser>;
export function freePort(): Promise<number>;
export function serve(env?: Record<string, string>): Promise<{ url: string; stop: () => void }>;
