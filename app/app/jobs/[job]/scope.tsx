export { LazyScopeScreen as default } from '../../../features/lazy/LazyScreens';
