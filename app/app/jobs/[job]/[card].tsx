export { LazyCardScreen as default } from '../../../features/lazy/LazyScreens';
