import { roomOf } from '../../ui/roomOf';

/** What this device keeps and listens to is loaded when it is asked for. */
const { part } = roomOf(() => import('./Device'));

export const LazyDevice = part((room) => room.Device);
