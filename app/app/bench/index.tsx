export { LazyBench as default } from '../../features/lazy/LazyScreens';
