import { designSchemas } from './openapi-design';
import { METHODS } from '../method/solve';
import { FORMATS_READ, FORMATS_WRITTEN } from '../formats/convert';
import { problemSchema } from '../problem/format';
import { RULE_NAMES } from '../method/rule';
import { KIND_NAMES } from '../question/types';
import { SHEET_FORMATS } from '../sheet/files';
import { MOST_VARIANTS, SHEET_PRESETS } from '../sheet/presets';
import { INTEGER_WAYS, MAX_MILLISECONDS, MAX_STEPS } from './solve-request';

type Json = Record<string, unknown>;

const ref = (name: string): Json => ({ $ref: `#/components/schemas/${name}` });
const json = (schema: Json): Json => ({ content: { 'application/json': { schema } } });
const error = (description: string): Json => ({
	description,
	content: { 'application/problem+json': { schema: ref('Error') } }
});
const rationals: Json = { type: 'object', additionalProperties: ref('Rational') };
const list = (items: Json): Json => ({ type: 'array', items });
const nullable = (schema: Json): Json => ({ oneOf: [schema, { type: 'null' }] });

/** what an answer to a question may be */
const answer: Json = {
	oneOf: [
		{ type: 'string' },
		{ type: 'number' },
		{ type: 'array', items: { type: ['string', 'null'] } },
		{ type: 'object' }
	]
};

const faults: Json = {
	'400': error('The input is not valid; `issues` has the path of every fault'),
	'405': error('Another method is wanted'),
	'413': error('More than 1 MB'),
	'415': error('Another content type than application/json'),
	'422': error('The method cannot start on this problem'),
	'503': error('All workers are busy; Retry-After says when to try again')
};

const post = (summary: string, request: string, answer: string): Json => ({
	post: {
		summary,
		requestBody: { required: true, ...json(ref(request)) },
		responses: { '200': { description: 'The answer', ...json(ref(answer)) }, ...faults }
	}
});

const side = {
	type: 'object',
	required: ['rate', 'for'],
	properties: { rate: nullable(ref('Rational')), for: nullable(ref('Rational')) }
};
const intervals: Json = {
	type: 'object',
	additionalProperties: {
		type: 'object',
		required: ['low', 'high'],
		properties: { low: nullable(ref('Rational')), high: nullable(ref('Rational')) }
	}
};

const { $schema: _, ...problem } = problemSchema;

const schemas: Json = {
	Rational: { type: 'string', pattern: '^-?\\d+(/\\d+)?$' },
	Problem: problem,
	SolveRequest: {
		type: 'object',
		required: ['problem'],
		properties: {
			problem: ref('Problem'),
			method: { enum: METHODS, default: 'auto' },
			rule: { enum: RULE_NAMES, default: 'dantzig' },
			integer: { enum: INTEGER_WAYS, default: 'branch' },
			steps: { type: 'boolean', default: false },
			limit: {
				type: 'object',
				properties: {
					steps: { type: 'integer', minimum: 1, maximum: MAX_STEPS, default: 10_000 },
					milliseconds: { type: 'integer', minimum: 1, maximum: MAX_MILLISECONDS, default: 10_000 }
				}
			}
		}
	},
	SolveAnswer: {
		type: 'object',
		required: ['status', 'pivots'],
		properties: {
			status: { enum: ['optimal', 'infeasible', 'unbounded', 'stopped'] },
			reason: { type: 'string' },
			objective: ref('Rational'),
			solution: rationals,
			method: { enum: METHODS.filter((method) => method !== 'auto') },
			why: { type: 'string' },
			pivots: { type: 'integer' },
			optimalSet: {
				type: 'object',
				required: ['unique', 'dimension', 'vertices', 'rays'],
				properties: {
					unique: { type: 'boolean' },
					dimension: { type: 'integer' },
					vertices: list(rationals),
					rays: list(rationals),
					lines: list(rationals),
					complete: { const: false }
				}
			},
			duals: rationals,
			reducedCosts: rationals,
			ranging: {
				type: 'object',
				required: ['degenerate', 'objective', 'rhs'],
				properties: { degenerate: { type: 'boolean' }, objective: intervals, rhs: intervals }
			},
			bounds: {
				type: 'object',
				additionalProperties: {
					type: 'object',
					required: ['side', 'dual', 'low', 'high'],
					properties: {
						side: { enum: ['lower', 'upper'] },
						dual: ref('Rational'),
						low: nullable(ref('Rational')),
						high: nullable(ref('Rational'))
					}
				}
			},
			marginal: {
				type: 'object',
				additionalProperties: {
					type: 'object',
					required: ['more', 'less'],
					properties: { more: side, less: side }
				}
			},
			certificate: {
				type: 'object',
				required: ['kind'],
				properties: {
					kind: { enum: ['optimal', 'infeasible', 'unbounded'] },
					multipliers: rationals,
					variable: { type: 'string' },
					point: rationals,
					ray: rationals
				}
			},
			steps: list(ref('Step')),
			relaxation: { type: 'object' },
			nodes: list({ type: 'object' }),
			covers: list({ type: 'object' }),
			cuts: list({ type: 'object' })
		}
	},
	Step: {
		type: 'object',
		required: ['kind', 'phase', 'basis', 'point', 'tableau'],
		properties: {
			kind: { enum: ['start', 'pivot', 'phase', 'cut'] },
			phase: { enum: [1, 2] },
			part: { type: 'string' },
			entering: { type: 'string' },
			leaving: { type: 'string' },
			note: { type: 'string' },
			basis: list({ type: 'string' }),
			point: rationals,
			objective: ref('Rational'),
			tableau: ref('Tableau')
		}
	},
	Tableau: {
		type: 'object',
		required: ['columns', 'rows', 'objective'],
		properties: {
			columns: list({ type: 'string' }),
			rows: list({
				type: 'object',
				required: ['basic', 'entries', 'rhs'],
				properties: { basic: { type: 'string' }, entries: list(ref('Rational')), rhs: ref('Rational') }
			}),
			objective: list({
				type: 'object',
				required: ['name', 'entries', 'rhs'],
				properties: { name: { enum: ['z', 'w', 'M'] }, entries: list(ref('Rational')), rhs: ref('Rational') }
			})
		}
	},
	Question: {
		type: 'object',
		required: ['kind', 'step', 'tableau', 'sense', 'given', 'right', 'slips', 'says', 'hints'],
		properties: {
			kind: { enum: KIND_NAMES },
			step: { type: 'integer', description: 'The step of the run whose tableau it is about; 0 is the start' },
			tableau: ref('Tableau'),
			sense: { enum: ['max', 'min'], description: 'Of what the first objective row of the tableau measures' },
			given: {
				type: 'object',
				properties: {
					entering: { type: 'string' },
					row: { type: 'string' },
					column: { type: 'string' },
					plan: rationals,
					choices: list({ type: 'string' }),
					nodes: rationals,
					weights: rationals,
					number: ref('Rational'),
					cut: {
						type: 'object',
						properties: { terms: rationals, relation: { enum: ['<=', '>='] }, rhs: ref('Rational') }
					},
					pictures: {
						...list(list({ ...list(ref('Rational')), minItems: 2, maxItems: 2 })),
						description: 'Regions to choose from by their corners, in order round each'
					},
					relaxation: { type: 'object' },
					incumbent: nullable(ref('Rational'))
				}
			},
			right: list(answer),
			slips: list({
				type: 'object',
				required: ['answer', 'code', 'says'],
				properties: { answer, code: { type: 'string' }, says: { type: 'string' } }
			}),
			says: { type: 'string' },
			hints: list({ type: 'string' }),
			problem: ref('Problem')
		}
	},
	QuestionsRequest: {
		type: 'object',
		required: ['problem'],
		properties: {
			problem: ref('Problem'),
			method: { enum: METHODS, default: 'auto' },
			rule: { enum: RULE_NAMES, default: 'dantzig' },
			kinds: list({ enum: KIND_NAMES }),
			seed: { type: 'integer', minimum: 0, maximum: 4294967295, default: 1 },
			count: { type: 'integer', minimum: 1, maximum: 200, default: 10 }
		}
	},
	QuestionsAnswer: {
		type: 'object',
		required: ['questions'],
		properties: { questions: list(ref('Question')) }
	},
	SheetRequest: {
		type: 'object',
		required: ['problem'],
		properties: {
			problem: ref('Problem'),
			preset: { enum: SHEET_PRESETS, default: 'problem' },
			format: { enum: SHEET_FORMATS, default: 'html' },
			method: { enum: METHODS, default: 'auto' },
			rule: { enum: RULE_NAMES, default: 'dantzig' },
			variants: { type: 'integer', minimum: 1, maximum: MOST_VARIANTS, default: 1 },
			seed: { type: 'integer', minimum: 0, maximum: 4294967295, default: 1 }
		}
	},
	SheetAnswer: {
		type: 'object',
		required: ['files'],
		properties: {
			files: list({
				type: 'object',
				required: ['name', 'type', 'content', 'encoding'],
				properties: {
					name: { type: 'string' },
					type: { type: 'string' },
					content: { type: 'string' },
					encoding: { enum: ['utf-8', 'base64'] }
				}
			})
		}
	},
	JudgeRequest: {
		type: 'object',
		required: ['question', 'answer'],
		properties: { question: ref('Question'), answer }
	},
	JudgeAnswer: {
		type: 'object',
		required: ['right', 'says'],
		properties: {
			right: { type: 'boolean' },
			slip: { type: 'string' },
			says: { type: 'string' },
			consequence: {
				type: 'object',
				properties: {
					violates: rationals,
					point: rationals,
					satisfies: { type: 'string' },
					isLacking: { type: 'boolean' },
					basic: rationals,
					costs: rationals,
					rate: ref('Rational'),
					of: { const: 'artificials' },
					value: ref('Rational')
				}
			}
		}
	},
	ConvertRequest: {
		type: 'object',
		required: ['from', 'to', 'content'],
		description: '`mps` reads free and fixed form by itself; `csv` is the technology table with heads.',
		properties: { from: { enum: FORMATS_READ }, to: { enum: FORMATS_WRITTEN }, content: { type: 'string' } }
	},
	ConvertAnswer: {
		type: 'object',
		required: ['content', 'notes'],
		properties: { content: { type: 'string' }, notes: list({ type: 'string' }) }
	},
	RegionRequest: {
		type: 'object',
		required: ['problem'],
		properties: { problem: ref('Problem'), without: list({ type: 'string' }) },
		description: '`without` names constraints that are left out; the region is that of the relaxation.'
	},
	RegionAnswer: {
		type: 'object',
		required: ['empty', 'bounded', 'dimension', 'vertices', 'rays', 'lines', 'edges', 'redundant'],
		properties: {
			empty: { type: 'boolean' },
			bounded: { type: 'boolean' },
			dimension: { type: 'integer' },
			vertices: list({
				type: 'object',
				required: ['point', 'objective', 'tight'],
				properties: { point: rationals, objective: ref('Rational'), tight: list({ type: 'string' }) }
			}),
			rays: list(rationals),
			lines: list(rationals),
			edges: list({
				type: 'object',
				required: ['vertices'],
				properties: { vertices: list({ type: 'integer' }), ray: { type: 'integer' } }
			}),
			faces: list({
				type: 'object',
				required: ['of', 'vertices'],
				properties: { of: { type: 'string' }, vertices: list({ type: 'integer' }) }
			}),
			redundant: list({ type: 'string' }),
			conflict: list({ type: 'string' }),
			hull: { type: 'object', properties: { vertices: list(rationals) } }
		}
	},
	DualRequest: { type: 'object', required: ['problem'], properties: { problem: ref('Problem') } },
	DualAnswer: {
		type: 'object',
		required: ['problem', 'variables', 'constraints'],
		description:
			'`variables` says of each dual variable which constraint (or bound, as `x.lower`, `x.upper`) it belongs to, `constraints` of each dual constraint which variable.',
		properties: {
			problem: ref('Problem'),
			variables: { type: 'object', additionalProperties: { type: 'string' } },
			constraints: { type: 'object', additionalProperties: { type: 'string' } }
		}
	},
	ParametricRequest: {
		type: 'object',
		required: ['problem', 'vary'],
		description:
			'`vary` names one constraint (`rhs`) or one variable (`objective`); `from` and `to` left out or null are no ends.',
		properties: {
			problem: ref('Problem'),
			vary: { type: 'object', properties: { rhs: { type: 'string' }, objective: { type: 'string' } } },
			from: nullable(ref('Rational')),
			to: nullable(ref('Rational'))
		}
	},
	ParametricAnswer: {
		type: 'object',
		required: ['pieces'],
		properties: {
			pieces: list({
				type: 'object',
				required: ['from', 'to', 'status'],
				properties: {
					from: nullable(ref('Rational')),
					to: nullable(ref('Rational')),
					status: { enum: ['optimal', 'infeasible', 'unbounded'] },
					objective: {
						type: 'object',
						required: ['at', 'slope', 'where'],
						properties: { at: ref('Rational'), slope: ref('Rational'), where: ref('Rational') }
					},
					basis: list({ type: 'string' })
				}
			})
		}
	},
	...designSchemas,
	Error: {
		type: 'object',
		required: ['type', 'title', 'status', 'detail'],
		properties: {
			type: { type: 'string' },
			title: { type: 'string' },
			status: { type: 'integer' },
			detail: { type: 'string' },
			issues: list({
				type: 'object',
				required: ['path', 'message'],
				properties: { path: { type: 'string' }, message: { type: 'string' } }
			})
		}
	}
};

/** What GET /api/v1/openapi.json answers (OpenAPI 3.1). */
export const openApi: Json = {
	openapi: '3.1.0',
	info: {
		title: 'Mathesis',
		version: '1',
		description: 'Exact answers to small linear and integer programs, step by step.'
	},
	paths: {
		'/api/v1/solve': post('Solve a problem exactly', 'SolveRequest', 'SolveAnswer'),
		'/api/v1/convert': post('Convert a problem between formats', 'ConvertRequest', 'ConvertAnswer'),
		'/api/v1/region': post('Describe a region of one to three variables', 'RegionRequest', 'RegionAnswer'),
		'/api/v1/dual': post('The dual of a problem', 'DualRequest', 'DualAnswer'),
		'/api/v1/parametric': post(
			'The optimal objective as a function of one number',
			'ParametricRequest',
			'ParametricAnswer'
		),
		'/api/v1/design': post('Problems that keep wishes', 'DesignRequest', 'DesignAnswer'),
		'/api/v1/questions': post('Questions along a run', 'QuestionsRequest', 'QuestionsAnswer'),
		'/api/v1/judge': post('What an answer to a question is worth', 'JudgeRequest', 'JudgeAnswer'),
		'/api/v1/sheet': post('Sheets, exams and quizzes of a problem', 'SheetRequest', 'SheetAnswer'),
		'/api/v1/health': {
			get: {
				summary: 'Whether the server answers',
				responses: { '200': { description: 'It does', ...json({ type: 'object' }) } }
			}
		},
		'/api/v1/openapi.json': {
			get: {
				summary: 'This document',
				responses: { '200': { description: 'OpenAPI 3.1', ...json({ type: 'object' }) } }
			}
		}
	},
	components: { schemas }
};
