// the desk lives in the browser: editor, storage and pictures need it
export const ssr = false;
