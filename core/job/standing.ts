import type { Standing, TrayReason } from './tray';

/** Nothing is left to do on a card. */
export const DONE: Standing = { status: 'done', reason: { code: 'all-done' }, trouble: false };

/** A card that can be worked on, and what is next on it. */
export function openFor(reason: TrayReason, trouble = false): Standing {
  return { status: 'open', reason, trouble };
}
