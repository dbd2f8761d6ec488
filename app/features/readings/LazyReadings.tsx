import { roomOf } from '../../ui/roomOf';

/** Tables of readings are loaded when they are asked for. */
const { part } = roomOf(() => import('./Readings'));

export const LazyReadings = part((room) => room.Readings);
