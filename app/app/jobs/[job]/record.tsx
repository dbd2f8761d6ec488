export { Record as default } from '../../../features/record/Record';
