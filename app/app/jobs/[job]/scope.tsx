export { LazyScopeScreen as default } from '../../../features/cards/LazyCards';
