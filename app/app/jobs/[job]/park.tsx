export { LazyParkScreen as default } from '../../../features/cards/LazyCards';
