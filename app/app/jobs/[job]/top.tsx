export { LazyTopScreen as default } from '../../../features/cards/LazyCards';
