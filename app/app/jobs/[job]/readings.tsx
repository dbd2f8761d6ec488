export { LazyReadings as default } from '../../../features/cards/LazyCards';
