export { LazyCauseCard as default } from '../../../features/cards/LazyCards';
