export { mostUrgentFirst, type Rank, type Remark } from './remark';
