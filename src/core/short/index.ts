export { shrinkToScarcest, type HaveLine } from './shrink';
export { inOtherTin, isTin, toolSwapsFor, toolSwapSource, type OtherTin, type ToolSwap } from './tools';
export { waysOut, type Short, type ShortAsked, type WayOut, type WayOutKind } from './ways-out';
