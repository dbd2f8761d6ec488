export { LazyCalculator as default } from '../../features/lazy/LazyScreens';
