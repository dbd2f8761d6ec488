import { refused, type Verdict } from './verdict';
import type { CrankHold } from './facts/crank';
import { stillLive } from './cards/dead/checks';
import { linersLoose } from './linersLoose';
import { runKey } from './run/runKey';
import { runDone, runView } from './run/runView';
import { temporaryPartName, temporaryPartsBarring } from './register';
import type { JobSheet } from './scope';
import type { JobState } from './state';

/**
 * Everything that holds the crank: hands that are in, the engine not dead yet, liners that would lift with the pistons,
 * through bolts pulled only in part, which let the case work on its bearings, a pin left in.
 */
export function crankHeldBy(sheet: JobSheet, state: JobState): readonly CrankHold[] {
  return [
    ...state.hands.map(({ where }) => ({ code: 'hands-in' as const, what: where })),
    ...(stillLive(sheet, state.checks).length > 0 ? [{ code: 'still-live' as const }] : []),
    ...(linersLoose(sheet, state) ? [{ code: 'liners-loose' as const }] : []),
    ...(throughBoltsSlack(sheet, state) ? [{ code: 'through-bolts-slack' as const }] : []),
    ...temporaryPartsBarring(state.register, 'turn').map((part) => ({
      code: 'temporary-part-in' as const,
      what: temporaryPartName(part),
    })),
  ];
}

/** Why an act that turns the crank is refused; null when it may be turned. */
export function refusedByCrank(sheet: JobSheet, state: JobState): Verdict | null {
  const [hold] = crankHeldBy(sheet, state);
  return hold ? refusedHold(hold) : null;
}

/** A hold of the crank as a refusal. */
export function refusedHold(hold: CrankHold): Verdict {
  return refused('crank-held', { hold });
}

/** Are bolts that go through the case begun, on any cylinder, and not all of them down? */
function throughBoltsSlack(sheet: JobSheet, { runs }: JobState): boolean {
  return (sheet.fastenedSets ?? []).some((set) => {
    const programme = set.programme?.id;
    if (programme === undefined || !set.groups.some(({ sort }) => sort === 'through-bolt')) {
      return false;
    }
    return set.instances.some((instance) => {
      const name = { set: set.id, instance, programme };
      const begun = Object.keys(runs[runKey(name)]?.attempts ?? {}).length > 0;
      const view = begun ? runView(sheet, name, runs, '') : null;
      return view !== null && !runDone(view);
    });
  });
}
