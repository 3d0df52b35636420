import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** What was just done and can be taken back. */
export const toaster = createToaster({ placement: 'bottom' });
