import { roomOf } from '../../ui/roomOf';

/** Putting an engine on a stand is fetched when it is first opened: the board does not wait for its form. */
const { part } = roomOf(() => import('./NewJob'));

export const LazyNewJob = part((room) => room.NewJob);
