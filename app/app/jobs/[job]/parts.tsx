export { LazyPartsCard as default } from '../../../features/intake/LazyIntake';
