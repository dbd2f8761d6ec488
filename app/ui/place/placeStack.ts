/** A screen that was left for another, and where one was on it. */
export interface Place {
  readonly address: string;
  /** How far it was scrolled, px. */
  readonly scrolled: number;
  /** What was pressed on it to leave it; null where it was left by itself. */
  readonly pressed: Pressed | null;
}

/** A link by where it leads, a button by its name. */
export type Pressed = { readonly href: string } | { readonly name: string };

/** Nobody goes back further than this. */
const LONGEST = 20;

/**
 * Goes from one screen to another: further on, or back to one that was left on the way here.
 * @param stack the screens left on the way, the last one last
 * @returns the stack as it is now, and the place one comes back to; null on a screen that is new
 */
export function goTo(
  stack: readonly Place[],
  from: Place,
  to: string,
): { readonly stack: readonly Place[]; readonly back: Place | null } {
  const at = stack.findLastIndex(({ address }) => address === to);
  const back = stack[at];
  if (back) return { stack: stack.slice(0, at), back };
  return { stack: [...stack, from].slice(-LONGEST), back: null };
}
