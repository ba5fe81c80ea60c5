export type { Anchor, Rank, Remark, Remedy, ReviewContext, RoomChoice, Section } from './remark';
export { reviewPlan, rules, type Review } from './review';
