// the desk lives in the browser: editor, storage and pictures need it
export const ssr = false;

// as a folder for any web space every page is a file, in a folder of its own; a plain web server finds it under either address
const isStatic = import.meta.env.MODE === 'static';
export const prerender = isStatic;
export const trailingSlash = isStatic ? 'always' : 'never';
