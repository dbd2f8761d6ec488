export { JobSheet as default } from '../../../features/job-sheet/JobSheet';
