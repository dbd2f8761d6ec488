/**
 * All cards of a job, loaded as one when the first is opened: the board does not wait for them, and
 * rooms that share parts would put these into the first load. So what sheets and bench show of it they
 * fetch from here too.
 */
export { CauseCard } from '../cause/CauseCard';
export { DeadCard } from '../dead/DeadCard';
export { ChecksCard } from '../checks/ChecksCard';
export { StandOutCard } from '../stand-out/StandOutCard';
export { LinersCard } from '../liners/LinersCard';
export { LinersPart } from '../liners/LinersPart';
export { MarkCard } from '../mark/MarkCard';
export { PendingButtons, PendingDecision, PendingOfJob } from '../job/PendingDecision';
export { NotKept } from '../job/NotKept';
export { ParkScreen } from '../park/ParkScreen';
export { PartsCard } from '../parts/PartsCard';
export { PhotographsScreen } from '../photographs/PhotographsScreen';
export { RegisterScreen } from '../register/RegisterScreen';
export { ScopeScreen } from '../scope/ScopeScreen';
export { Readings } from '../readings/Readings';
export { Record } from '../record/Record';
export { RecheckCard } from '../recheck/RecheckCard';
export { StripCard } from '../strip/StripCard';
export { AfterHeatCard } from '../after-heat/AfterHeatCard';
export { TightenCard } from '../tighten/TightenCard';
export { WhatIfCard } from '../clamp/WhatIfCard';
export { PumpCard } from '../pump/PumpCard';
export { TimingCard } from '../timing/TimingCard';
export { WheelsDrawing } from '../timing/WheelsDrawing';
export { StopsDrawing } from '../top/StopsDrawing';
export { TopScreen } from '../top/TopScreen';
export { AdjustersDrawing } from '../valves/adjusters/AdjustersDrawing';
export { TrendDrawing } from '../valves/trend/TrendDrawing';
export { TurnAndSee } from '../valves/barring/TurnAndSee';
export { ValvesCard } from '../valves/ValvesCard';
