export { LazyTray as default } from '../../../features/lazy/LazyScreens';
