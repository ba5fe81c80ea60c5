export type { Source, SourceKind, Working, WorkingLine } from './working';
export { workingOf } from './working-of';
