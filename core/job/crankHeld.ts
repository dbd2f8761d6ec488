import { stillLive } from './cards/dead';
import { LINERS_OUT, partedOf } from './cards/strip';
import { runKey } from './cards/tighten';
import { seenOf } from './checks';
import { refused, type Verdict } from './refusal';
import { thingsBarring, thingsIn } from './register';
import { hasWetLiners, type JobSheet } from './scope';
import { STRIP } from './slackening';
import type { JobState } from './state';

/** Why the crank must not be turned; `what` names the thing where it is one. */
export interface CrankHold {
  readonly code: 'still-live' | 'liners-loose' | 'thing-in';
  readonly what?: string;
}

/**
 * Everything that holds the crank: the engine not dead yet, liners that would lift with the pistons,
 * a pin left in. Nothing does on a job opened before any of this was asked.
 */
export function crankHeldBy(sheet: JobSheet, state: JobState): readonly CrankHold[] {
  if (!state.opened?.scope) return [];
  return [
    ...(stillLive(sheet, state.checks).length > 0 ? [{ code: 'still-live' as const }] : []),
    ...(linersLoose(sheet, state) ? [{ code: 'liners-loose' as const }] : []),
    ...thingsBarring(state.register, 'turning').map(({ what, where }) => ({
      code: 'thing-in' as const,
      what: `${what}, ${where}`,
    })),
  ];
}

/** Why an act that turns the crank is refused; null when it may be turned. */
export function refusedByCrank(sheet: JobSheet, state: JobState): Verdict | null {
  const [hold] = crankHeldBy(sheet, state);
  return hold ? refusedHold(hold) : null;
}

/** A hold of the crank as a refusal. */
export function refusedHold({ code, what = '' }: CrankHold): Verdict {
  return refused('crank-held', { by: code, what });
}

/** Is a head off, or loosened, with nothing holding the liners under it down? */
export function linersLoose(sheet: JobSheet, state: JobState): boolean {
  if (!hasWetLiners(sheet)) return false;
  if (thingsIn(state.register).some(({ kind }) => kind === 'liner-clamp')) return false;
  // Out of the block none is left to lift; once they are back in and accepted, they are loose again.
  const out = seenOf(state.checks, STRIP, LINERS_OUT)?.found === 'good';
  if (out && !state.liners.accepted) return false;
  return partedOf(sheet, state).some(({ off, set, instance }) => {
    if (!off || set === undefined || instance === undefined) return false;
    const programme = sheet.fastenedSets?.find(({ id }) => id === set)?.programme?.id ?? '';
    // Back on and being pulled down, it holds them again.
    return (
      Object.keys(state.runs[runKey({ set, instance, programme })]?.attempts ?? {}).length === 0
    );
  });
}
