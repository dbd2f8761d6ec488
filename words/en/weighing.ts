import type { WeighedBeside } from '@cardinex/core/job/facts/checks';

const BESIDE: Readonly<Record<WeighedBeside, string>> = {
  'came-out': 'the one that came out',
  opposite: 'the one opposite',
};

/** What a single piston is weighed against, said within a sentence. */
export function besideWithin(beside: WeighedBeside): string {
  return BESIDE[beside];
}

export const weighingWords = {
  against: 'Weighed against',
  cameOut: 'The one that came out',
  opposite: (cylinder: number) => `The one opposite, ${cylinder}`,
  sayWhich: 'Say first what it is weighed against.',
} as const;
