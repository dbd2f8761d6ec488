import type { Stamp } from './act';
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
  ...[fields]: keyof RefusalFields[C] extends never ? [] : [RefusalFields[C]]
): Verdict {
  // The fields are those of the code: the compiler loses which, spread.
  return { ok: false, refusal: { code, ...fields } as unknown as Refusal };
}
