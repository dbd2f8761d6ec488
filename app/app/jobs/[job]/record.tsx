export { LazyRecord as default } from '../../../features/cards/LazyCards';
