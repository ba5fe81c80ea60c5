export { homeSource, homeVersion, type HomeVersion } from './home-version';
