export { LazyJobSheet as default } from '../../../features/lazy/LazyScreens';
