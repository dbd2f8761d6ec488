export { NoSuchPage as default } from '../ui/NoSuchPage';
