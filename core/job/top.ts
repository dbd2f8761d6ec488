import type { EngineSheet } from '../sheet/engineSheet';
import { ACCEPTED, refused, type Verdict } from './verdict';
import type { TopState } from './facts/top';
import type { TemporaryPart } from './facts/register';
import { deadCentre, type DeadCentre } from '../crank/deadCentre';
import { rim } from '../crank/rim';
import { ReckoningFault } from '../quantity/reckoningFault';
import { figureMm } from '../quantity/figureMm';
import type { ActData, ActOf } from './act';
import type { DecideContext } from './decideContext';
import { refusedTurning } from './mayTurn';
import type { JobState } from './state';

/** The stop as the register has it: the starter would drive the piston into it. */
export const STOP: Pick<TemporaryPart, 'kind' | 'what' | 'where' | 'bars'> = {
  kind: 'other',
  what: 'Positive stop',
  where: 'cylinder 1',
  bars: 'start',
};

/** The stop that is in now; null when none is. */
export function stopIn({ register }: Pick<JobState, 'register'>): TemporaryPart | null {
  return (
    register.find(({ what, where, takenOut }) => {
      return what === STOP.what && where === STOP.where && takenOut === null;
    }) ?? null
  );
}

/** What is to be done next: the stop put in, both sides read, the mark made, the stop taken out. */
type TopStep = 'in' | 'read' | 'mark' | 'out' | 'done';

/** How far finding the top has come, and what was found with the stop that is in. */
export function topView(
  state: Pick<JobState, 'register' | 'top'>,
  readAgain: boolean,
): {
  readonly step: TopStep;
  readonly stop: TemporaryPart | null;
  readonly found: TopState['found'];
} {
  const stop = stopIn(state);
  const { found: last, mark } = state.top;
  // What was found before this stop went in is another day's.
  const found = last && (!stop || last.seq > stop.putIn.seq) && !readAgain ? last : null;
  if (!found) return { step: stop ? 'read' : 'in', stop, found };
  if (!mark) return { step: 'mark', stop, found };
  return { step: stop ? 'out' : 'done', stop, found };
}

/** Where the top lies: on the degree wheel, or along the rim from either mark. */
export type TopFinding =
  | ({ readonly by: 'wheel' } & DeadCentre)
  | { readonly by: 'rim'; readonly halfMm: number; readonly halfDeg: number | null };

/**
 * Where the top lies between the two stops.
 * @throws ReckoningFault where the stops tell nothing
 */
export function topFinding(sheet: EngineSheet, found: ActData['top.found']): TopFinding {
  if (!('arcMm' in found)) return { by: 'wheel', ...deadCentre(found) };
  const dia = sheet.crank?.rimDiameter;
  const halfMm = found.arcMm / 2;
  return {
    by: 'rim',
    halfMm,
    halfDeg: dia ? rim({ mm: halfMm, rimDiaMm: figureMm(dia) }).deg : null,
  };
}

/** Found with the engine dead and nothing else that holds the crank; the stops must differ. */
export function decideTopFound(
  state: JobState,
  { data }: ActOf<'top.found'>,
  { sheet }: DecideContext,
): Verdict {
  const held = refusedTurning(sheet, state);
  if (held) return held;
  if (!state.cautions.barring) return refused('caution-first');
  try {
    topFinding(sheet, data);
    return ACCEPTED;
  } catch (error) {
    if (error instanceof ReckoningFault) return refused('stops-tell-nothing');
    throw error;
  }
}
