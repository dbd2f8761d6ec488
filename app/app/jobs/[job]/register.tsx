export { LazyRegisterScreen as default } from '../../../features/intake/LazyIntake';
