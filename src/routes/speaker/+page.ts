// it follows a lecture of this browser
export const ssr = false;
