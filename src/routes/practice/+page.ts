// an exercise lives in the browser of who does it
export const ssr = false;
