import type { StoryTarget } from '$lib/core/lesson/story';
import type { Varied } from '$lib/core/problem/varied';
import type { Desk } from './desk.svelte';
import type { Go } from './go';

/** The number of a problem whose interval can be asked for: an amount, or a coefficient of the objective; null for others. */
export function variedOf(number: StoryTarget | null): Varied | null {
	if (number?.part == null) return null;
	if (number.name === null) return { objective: number.part };
	return number.part === 'amount' ? { rhs: number.name } : null;
}

/** Takes a number in the hand on the page Sensitivity; its code comes when it is asked for. */
export async function askWorth(desk: Desk, go: Go, varied: Varied): Promise<void> {
	const { useSensitivity } = await import('./sensitivity.svelte');
	const sensitivity = useSensitivity(desk);
	sensitivity.take(varied);
	sensitivity.show('ranges');
	go('/sensitivity');
}
