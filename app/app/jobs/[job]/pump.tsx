export { LazyPumpCard as default } from '../../../features/cards/LazyCards';
