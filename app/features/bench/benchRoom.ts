/** All of the bench, loaded as one: parts loaded by themselves would share theirs with the first load. */
export { Bench } from './Bench';
export { OneCalculator } from './OneCalculator';
