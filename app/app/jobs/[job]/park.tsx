export { LazyParkScreen as default } from '../../../features/lazy/LazyScreens';
