export { LazyStripCard as default } from '../../../features/cards/LazyCards';
