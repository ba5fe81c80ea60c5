export { homeSource, homeVersion, type HomeStep, type HomeVersion } from './home-version';
export { hasFlesh, hasRice, staysDry, type Weighed } from './kept';
