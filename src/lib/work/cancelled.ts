/** Raised where a job was cancelled. */
export class Cancelled extends Error {}
