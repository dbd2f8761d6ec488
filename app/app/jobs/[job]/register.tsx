export { LazyRegisterScreen as default } from '../../../features/cards/LazyCards';
