/** What views and pages may use of this folder: sentences. The rest of the core and the desk import its modules themselves. */

export { changeSentence, originOf } from './form-words';
export {
	inBrackets,
	inNotation,
	joined,
	linear,
	NOTHING_SAID,
	type Paragraph,
	paragraphText,
	type Piece,
	pieceName,
	plainText,
	say,
	type Sentence
} from './sentence';
