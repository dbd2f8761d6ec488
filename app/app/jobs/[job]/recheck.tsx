export { RecheckCard as default } from '../../../features/recheck/RecheckCard';
