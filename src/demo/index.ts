export { demoSchool, type DemoSchool } from './school';
export { SimulatedClass } from './simulated-class';
