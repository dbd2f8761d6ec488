export { LazyRecheckCard as default } from '../../../features/cards/LazyCards';
