export { LazyRegisterScreen as default } from '../../../features/lazy/LazyScreens';
