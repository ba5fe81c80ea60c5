export { claims, claimsIn, claimsSource, type Claim } from './claims';
