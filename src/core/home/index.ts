export { homeSource, homeVersion, staysDry, type HomeStep, type HomeVersion } from './home-version';
