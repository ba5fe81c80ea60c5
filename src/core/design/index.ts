export { allocateLevels, type Allocation, type LevelOrder } from './allocate';
