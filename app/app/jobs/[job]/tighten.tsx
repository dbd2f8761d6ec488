export { TightenCard as default } from '../../../features/tighten/TightenCard';
