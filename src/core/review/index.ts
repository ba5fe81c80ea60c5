export type { Anchor, Rank, Remark, Remedy, ReviewContext, RoomChoice, Section } from './remark';
export { reviewPlan, type Review } from './review';
