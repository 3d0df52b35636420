import { record } from '../problem/shape';
import { schemaOf } from '../problem/shape-schema';
import { LESSON_FIELDS } from './fields';
import { COLLECTION_FORMAT, MAX_LESSONS } from './files';

/** The published JSON Schema of lessons and collections; docs/lesson.schema.json is written from it. */

const lesson = { ...schemaOf(record(LESSON_FIELDS)), title: 'A lesson of Mathesis' };

export const lessonSchema = {
	$schema: 'https://json-schema.org/draft/2020-12/schema',
	title: 'A lesson, or a collection of lessons, of Mathesis',
	$defs: { lesson },
	oneOf: [
		{ $ref: '#/$defs/lesson' },
		{
			type: 'object',
			properties: {
				format: { const: COLLECTION_FORMAT },
				version: { const: 1 },
				lessons: {
					type: 'array',
					maxItems: MAX_LESSONS,
					items: {
						type: 'object',
						properties: { edited: { type: 'string' }, lesson: { $ref: '#/$defs/lesson' } },
						required: ['lesson']
					}
				}
			},
			required: ['format', 'version', 'lessons']
		}
	]
};
