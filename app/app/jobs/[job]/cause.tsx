export { LazyCauseCard as default } from '../../../features/intake/LazyIntake';
