export { LazyParkScreen as default } from '../../../features/intake/LazyIntake';
