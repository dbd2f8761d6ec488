export const ROLES = ['mechanic', 'inspector', 'lead', 'viewer'] as const;
export type Role = (typeof ROLES)[number];

/** Whoever turns a spanner. */
export const MECHANICS: readonly Role[] = ['mechanic', 'lead'];
/** Whoever may read, look and record. */
export const ANY_HAND: readonly Role[] = ['mechanic', 'inspector', 'lead'];
/** Whoever judges what others did. */
export const DECIDERS: readonly Role[] = ['inspector', 'lead'];

/** May this role publish engine sheets? */
export function mayPublish(role: Role): boolean {
  return role === 'mechanic' || role === 'lead';
}

/** May this role let something stand that the sheet's limits do not? */
export function mayOverride(role: Role): boolean {
  return role === 'lead';
}
