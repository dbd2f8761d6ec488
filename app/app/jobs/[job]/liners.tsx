export { LinersCard as default } from '../../../features/liners/LinersCard';
