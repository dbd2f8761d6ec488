/** Chance that comes out the same for the same seed. */
export interface Seeded {
  /** From 0 up to, not including, 1; all alike. */
  readonly even: () => number;
  /** About 0 with a spread of 1, as errors of measurement fall. */
  readonly normal: () => number;
}

/**
 * A stream of chance that begins at a seed: the same seed gives the same numbers on every machine.
 * Thirty-two bits of state, stepped by an odd constant and mixed; pairs of even numbers are turned
 * into normal ones by their angle and radius.
 * @param seed a whole number; only its lowest 32 bits count
 */
export function seeded(seed: number): Seeded {
  let state = seed >>> 0;
  let spare: number | null = null;
  const even = (): number => {
    state = (state + 0x9e3779b9) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 16), 0x21f0aaad);
    mixed = Math.imul(mixed ^ (mixed >>> 15), 0x735a2d97);
    return ((mixed ^ (mixed >>> 15)) >>> 0) / 2 ** 32;
  };
  const normal = (): number => {
    if (spare !== null) {
      const last = spare;
      spare = null;
      return last;
    }
    // Never zero: its logarithm would have no end.
    const radius = Math.sqrt(-2 * Math.log(1 - even()));
    const angle = 2 * Math.PI * even();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
  return { even, normal };
}
