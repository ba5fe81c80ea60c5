export type { Anchor, LaidOut, PlanRemark, Remedy, ReviewContext, RoomChoice, Section } from './plan-remark';
export { reviewInParts, reviewPlan, type Review } from './review';
