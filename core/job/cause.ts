import type { Because } from './facts/cause';

/** Must a cause be put in words? One that was chosen says it; "other" says nothing. */
export function needsWords(because: Because | undefined): boolean {
  return because === undefined || because === 'other';
}
