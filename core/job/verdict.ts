import type { Stamp } from './act';
import { coded, type Said } from '../coded';
import type { Refusal, RefusalCode, RefusalFields } from './refusal';

export type Verdict =
  | {
      readonly ok: true;
      /** What the log is to say of it besides. */
      readonly stamp?: Stamp;
    }
  | { readonly ok: false; readonly refusal: Refusal };

export const ACCEPTED: Verdict = { ok: true };

/**
 * An act that may not join the log.
 * @example refused('pass-taken', { bolt: '7' })
 */
export function refused<C extends RefusalCode>(
  code: C,
  ...fields: Said<RefusalFields, C>
): Verdict {
  return { ok: false, refusal: coded<RefusalFields, C>(code, ...fields) };
}
