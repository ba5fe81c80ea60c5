export { shrinkToScarcest, type HaveLine } from './shrink';
export { inOtherTin, isTin, toolSwapsFor, toolSwapSource, type OtherTin, type ToolSwap } from './tools';
export type { Short, ShortAsked, WayOut, WayOutKind } from './reckoned';
export { waysOut } from './ways-out';
