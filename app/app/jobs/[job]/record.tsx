export { LazyRecord as default } from '../../../features/lazy/LazyScreens';
