import { problemDetails } from '../core/exchange/reply';

/** Headers that go with every answer of the server. */
export const HEADERS: Readonly<Record<string, string>> = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'no-referrer',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), geolocation=(), microphone=(), payment=(), usb=()'
};

/** The body of the answer to a method that files and pages do not have. */
export const NO_SUCH_METHOD = problemDetails(405, 'Use GET here.').text;
/** what a file that is gone is answered with */
export const NO_SUCH_FILE = problemDetails(404, 'This file is not here.').text;
