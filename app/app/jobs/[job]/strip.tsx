export { LazyStripCard as default } from '../../../features/intake/LazyIntake';
