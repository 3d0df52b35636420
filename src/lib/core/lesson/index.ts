/** What views and pages may use of this folder: lessons. The rest of the core and the desk import its modules themselves. */

export { lessonText, problemText } from './files';
export { blankLesson, forStudents, type RegionView, shownTitle, titleOf } from './lesson';
export { hrefOf, numberOf, numberSaid, type StoryTarget, targetOf } from './story';
export { type ScriptStep, STEP_KINDS, type StepKind } from './script';
