export { blindCodes } from './blind-codes';
export { stopAt } from './stop-at';
export { fineG, weighedVerdict, type Wanted, type WeighedVerdict } from './verdict';
