export interface PendingActs {
  /** Someone who sees all says whether a decision made without knowing all holds. */
  'pending.decided': { readonly decision: string; readonly holds: boolean };
}
