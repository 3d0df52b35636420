import { problemDetails } from '../core/api/reply';

/** Which pages may show the application in a frame, as a content security policy names them; those of the same server where nothing is said. */
const { FRAME_ANCESTORS = '' } = process.env;
const isSaid = /^[^;,\r\n]+$/.test(FRAME_ANCESTORS);

/** A policy that lets just those pages frame the application. */
export const framed = (policy: string): string =>
	policy.replace(/frame-ancestors [^;]*/, `frame-ancestors ${isSaid ? FRAME_ANCESTORS : "'self'"}`);

/** Headers that go with every answer of the server. */
export const HEADERS: Readonly<Record<string, string>> = {
	'x-content-type-options': 'nosniff',
	// an older header that can name no other server
	...(isSaid ? {} : { 'x-frame-options': 'SAMEORIGIN' }),
	'referrer-policy': 'no-referrer',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), geolocation=(), microphone=(), payment=(), usb=()'
};

/** The body of the answer to a method that files and pages do not have. */
export const NO_SUCH_METHOD = problemDetails(405, 'Use GET here.').text;
/** what a path is answered with that cannot be decoded */
export const BAD_PATH = problemDetails(400, 'This path cannot be read.').text;
/** what a request is answered with while the server ends */
export const CLOSING = problemDetails(503, 'The server is ending. Try again shortly.').text;
export const OWN_ERROR = problemDetails(500, 'An error of ours; it was noted.').text;
/** what a file that is gone is answered with */
export const NO_SUCH_FILE = problemDetails(404, 'This file is not here.').text;
/** what a body is answered with that is too large */
export const TOO_LARGE = problemDetails(413, 'A body may have at most 1 MB.').text;
/** bytes of a body that are read, and of one that is too large and thrown away before its connection is closed */
export const MOST_BYTES = 1_000_000;
export const MOST_DRAINED = 16_000_000;
