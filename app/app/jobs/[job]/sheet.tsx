export { LazyJobSheet as default } from '../../../features/job-sheet/LazyJobSheet';
