import type { Refusal, RefusalCode } from './refusal';
import type { Stamp } from './act';

export type Verdict =
  | {
      readonly ok: true;
      /** What the log is to say of it besides. */
      readonly stamp?: Stamp;
    }
  | { readonly ok: false; readonly refusal: Refusal };

export const ACCEPTED: Verdict = { ok: true };

export function refused(code: RefusalCode, facts?: Refusal['facts']): Verdict {
  return { ok: false, refusal: facts ? { code, facts } : { code } };
}
