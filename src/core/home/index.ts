export { homeSource, homeVersion, type HomeStep, type HomeVersion } from './home-version';
