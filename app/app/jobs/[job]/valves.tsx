export { LazyValvesCard as default } from '../../../features/cards/LazyCards';
