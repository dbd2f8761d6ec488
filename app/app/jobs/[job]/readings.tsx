export { LazyReadings as default } from '../../../features/readings/LazyReadings';
