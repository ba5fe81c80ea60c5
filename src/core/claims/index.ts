export { claimsIn, claimsSource, type Claim } from './claims';
