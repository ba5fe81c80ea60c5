export { seededRandom, type SeededRandom } from './seeded';
