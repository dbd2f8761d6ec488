/**
 * All that reads and enters sheets, a job's own among them, loaded as one: parts loaded by themselves
 * would share theirs with the first load.
 */
export { JobSheet } from '../job-sheet/JobSheet';
export { LayerEntry } from '../job-sheet/LayerEntry';
export { SheetList } from './SheetList';
export { SheetPage } from './SheetPage';
export { BeginSheet } from './entry/BeginSheet';
export { OpenDraft } from './entry/OpenDraft';
