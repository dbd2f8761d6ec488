/** The way something got where it should not, or what was seen or heard: why an engine came. */
export const SYMPTOMS = [
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

export type Because = (typeof SYMPTOMS)[number];

/** What made it fail. */
export const CAUSES = [
  'clamp-lost',
  'gasket',
  'liner-height',
  'not-flat',
  'cracked',
  'cooling-lost',
  'oil-starved',
  'dirt',
  'fuelling',
  'corroded',
  'part-broke',
  'worn-out',
  'last-work',
  'from-outside',
  'not-found',
  'other',
] as const;

export type Cause = (typeof CAUSES)[number];

export interface CauseActs {
  /** Why it failed: no job closes without it. */
  'cause.answered': {
    readonly cause: Cause;
    readonly words?: string;
    /** What was done so that it does not fail so again. */
    readonly mended?: string;
  };
}

export type CauseState =
  (CauseActs['cause.answered'] & { readonly at: string; readonly by: string }) | null;
