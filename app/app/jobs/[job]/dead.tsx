export { LazyDeadCard as default } from '../../../features/intake/LazyIntake';
