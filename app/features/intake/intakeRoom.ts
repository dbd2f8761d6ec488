/** The cards from opening to inspection, loaded as one: work further on does not wait for them. */
export { CauseCard } from '../cause/CauseCard';
export { DeadCard } from '../dead/DeadCard';
export { InspectCard } from '../inspect/InspectCard';
export { MarkCard } from '../mark/MarkCard';
export { ParkScreen } from '../parking/ParkScreen';
export { PartsCard } from '../parts/PartsCard';
export { PhotographsScreen } from '../photographs/PhotographsScreen';
export { RegisterScreen } from '../register/RegisterScreen';
export { ScopeScreen } from '../scope/ScopeScreen';
export { StripCard } from '../strip/StripCard';
