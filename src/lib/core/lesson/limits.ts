/** characters of a file, or of what a link carries, that are read at most */
export const MAX_FILE = 5_000_000;
