export { draftOf, withDraft, type Draft } from './draft';
export { teachingSource } from './teaching';
