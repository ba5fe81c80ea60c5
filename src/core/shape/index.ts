export { accepts } from './accepts';
export { innerOf, isFull, itemOf, roomIn, longest, range } from './limits';
export { filled, made } from './filled';
export { jsonSchemaOf, type JsonSchema } from './json-schema';
export {
  about,
  flag,
  id,
  later,
  list,
  mayBeMissing,
  number,
  oneOf,
  optional,
  orNull,
  record,
  refined,
  secret,
  text,
  union,
  whole,
  type Of,
  type RecordOf,
  type RecordShape,
  type RecordSpec,
  type Shape,
  type Spec,
  type Written,
} from './shape';
export { once } from './once';
export { allowedIn } from './words';
export { below, printable, refusalsOf, unknownFields, type Refusal } from './refusals';
