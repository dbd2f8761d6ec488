/** The way something got where it should not, or what was seen or heard. */
export const CAUSES = [
  'gas-to-water',
  'water-to-oil',
  'oil-to-water',
  'water-to-cylinder',
  'cylinder-to-cylinder',
  'gas-outside',
  'low-compression',
  'overheated',
  'low-oil-pressure',
  'seized',
  'noise',
  'dropped-valve',
  'worn',
  'other',
] as const;

export type Because = (typeof CAUSES)[number];

export interface CauseActs {
  /** Why it failed: no job closes without it. */
  'cause.answered': { readonly because: Because; readonly words?: string };
}

export type CauseState =
  (CauseActs['cause.answered'] & { readonly at: string; readonly by: string }) | null;
