export { LazyDeadCard as default } from '../../../features/cards/LazyCards';
