export type { Anchor, PlanRemark, Remedy, ReviewContext, RoomChoice, Section } from './plan-remark';
export { reviewPlan, type Review } from './review';
