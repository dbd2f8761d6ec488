export { LazyReadings as default } from '../../../features/lazy/LazyScreens';
