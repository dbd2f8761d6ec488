/**
 * All screens but the board and the sign-in, loaded as one when the first of them is opened, or when the
 * board is idle. What two such files shared would be put into the first load, so there is one.
 */
export { Bench } from '../bench/Bench';
export { OneCalculator } from '../bench/OneCalculator';
export { CardScreen } from '../cards/screens';
export { WhatIfCard } from '../clamp/WhatIfCard';
export { CribList } from '../crib/CribList';
export { NewTool } from '../crib/NewTool';
export { ToolPage } from '../crib/ToolPage';
export { Device } from '../device/Device';
export { JobSheet } from '../job-sheet/JobSheet';
export { LayerEntry } from '../job-sheet/LayerEntry';
export { JobProvider } from '../job/JobProvider';
export { Tray } from '../job/Tray';
export { NewJob } from '../new-job/NewJob';
export { ParkScreen } from '../park/ParkScreen';
export { PhotographsScreen } from '../photographs/PhotographsScreen';
export { Readings } from '../readings/Readings';
export { Record } from '../record/Record';
export { RegisterScreen } from '../register/RegisterScreen';
export { ScopeScreen } from '../scope/ScopeScreen';
export { BeginSheet } from '../sheets/entry/BeginSheet';
export { OpenDraft } from '../sheets/entry/OpenDraft';
export { SheetList } from '../sheets/SheetList';
export { SheetPage } from '../sheets/SheetPage';
export { TopScreen } from '../top/TopScreen';
