/** Why an act was not accepted. `words/` makes the sentence; `facts` carry what it needs. */
export interface Refusal {
  readonly code: RefusalCode;
  readonly facts?: Readonly<Record<string, string | number>>;
}

export type RefusalCode =
  | 'role-may-not'
  | 'needs-fresh-proof'
  | 'already-open'
  | 'not-open'
  | 'wrong-sheet'
  | 'wrong-end'
  | 'scope-first'
  | 'unknown-scope'
  | 'not-wider'
  | 'job-parked'
  | 'not-parked'
  | 'unknown-check'
  | 'unknown-place-of-check'
  | 'beyond-reach'
  | 'crank-held'
  | 'not-loose-yet'
  | 'nothing-out'
  | 'not-to-be-reworked'
  | 'lead-lets-stand'
  | 'unknown-mark'
  | 'unknown-bolts'
  | 'not-all-bolts'
  | 'uses-needed'
  | 'unknown-thing'
  | 'already-out'
  | 'unknown-part'
  | 'part-short'
  | 'unknown-work'
  | 'parts-missing'
  | 'unknown-bore'
  | 'unknown-place'
  | 'liners-incomplete'
  | 'liners-out'
  | 'card-barred'
  | 'unknown-run'
  | 'run-not-prepared'
  | 'wrench-out-of-range'
  | 'unknown-fastener'
  | 'stage-not-current'
  | 'pass-taken'
  | 'figure-not-shown'
  | 'not-this-way'
  | 'angle-not-shown'
  | 'pressure-not-shown'
  | 'sheet-lacks'
  | 'tool-out-of-date'
  | 'tool-off'
  | 'run-not-done'
  | 'unknown-variant'
  | 'not-newer'
  | 'differences-open'
  | 'layer-taken'
  | 'place-nowhere'
  | 'place-repeated'
  | 'place-overlaps'
  | 'nothing-said'
  | 'nobody-differs'
  | 'others-spoke'
  | 'does-not-add-up'
  | 'not-contested'
  | 'unknown-valve'
  | 'caution-first'
  | 'crank-unknown'
  | 'not-settable-here'
  | 'reading-of-recheck'
  | 'unknown-target'
  | 'already-struck'
  | 'words-needed'
  | 'not-strikable';

export type Verdict = { readonly ok: true } | { readonly ok: false; readonly refusal: Refusal };

export const ACCEPTED: Verdict = { ok: true };

export function refused(code: RefusalCode, facts?: Refusal['facts']): Verdict {
  return { ok: false, refusal: facts ? { code, facts } : { code } };
}
