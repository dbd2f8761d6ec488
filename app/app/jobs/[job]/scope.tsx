export { LazyScopeScreen as default } from '../../../features/intake/LazyIntake';
