export { LazyTopScreen as default } from '../../../features/lazy/LazyScreens';
