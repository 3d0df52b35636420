import { ANSWER_SHAPES } from './shapes';
import { DESIGN_REQUEST, WISH } from './design-request';
import {
	CONVERT_REQUEST,
	DUAL_REQUEST,
	PARAMETRIC_REQUEST,
	QUESTIONS_REQUEST,
	REGION_REQUEST,
	SHEET_REQUEST,
	SOLVE_REQUEST
} from './requests';
import { JUDGE_ANSWER, JUDGE_REQUEST, QUESTION_RECORD, QUESTIONS_ANSWER } from './question-shapes';
import type { Shape } from '../problem/shape';
import { schemaOf } from '../problem/shape-schema';

/** The description of the API (OpenAPI 3.1): its schemas are those of the shapes by which requests are read and answers are made. */

type Json = Record<string, unknown>;

const SHAPES: Readonly<Record<string, Shape>> = {
	...ANSWER_SHAPES,
	Question: QUESTION_RECORD,
	QuestionsAnswer: QUESTIONS_ANSWER,
	JudgeAnswer: JUDGE_ANSWER,
	SolveRequest: SOLVE_REQUEST,
	ConvertRequest: CONVERT_REQUEST,
	RegionRequest: REGION_REQUEST,
	DualRequest: DUAL_REQUEST,
	ParametricRequest: PARAMETRIC_REQUEST,
	QuestionsRequest: QUESTIONS_REQUEST,
	JudgeRequest: JUDGE_REQUEST,
	SheetRequest: SHEET_REQUEST,
	DesignRequest: DESIGN_REQUEST,
	Wish: WISH
};

const ref = (name: keyof typeof SHAPES): Json => ({ $ref: `#/components/schemas/${name}` });
const json = (schema: Json): Json => ({ content: { 'application/json': { schema } } });
const error = (description: string): Json => ({
	description,
	content: { 'application/problem+json': { schema: ref('Error') } }
});
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
				responses: { '200': { description: 'It does', ...json(ref('Health')) } }
			}
		},
		'/api/v1/openapi.json': {
			get: {
				summary: 'This document',
				responses: { '200': { description: 'OpenAPI 3.1', ...json({ type: 'object' }) } }
			}
		}
	},
	components: {
		schemas: Object.fromEntries(Object.entries(SHAPES).map(([name, shape]) => [name, schemaOf(shape)]))
	}
};
