export { LazyPartsCard as default } from '../../../features/cards/LazyCards';
