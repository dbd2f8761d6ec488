import { roomOf } from '../../ui/roomOf';

/** The bench is loaded when it is first opened: work on a job does not wait for it. */
const { part } = roomOf(() => import('./benchRoom'));

export const LazyBench = part((room) => room.Bench);
export const LazyCalculator = part((room) => room.OneCalculator);
