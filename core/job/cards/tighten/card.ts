import { setOf } from '../../../sheet/programmeOf';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import type { Card, Entry, JobNow } from '../../kit/card';
import { runLack } from '../../lacks';
import { runsOf } from '../../run/runsOf';
import { setsToTighten, takesTopsOff } from '../../scope';
import { lackingStanding } from '../../standing';
import type { Wait } from '../../trayReason';
import { missingFor, stillIn } from '../../waits';
import { isByTheCap } from '../bearings/caps';
import { setWaits } from '../fit/clocks';
import { isAnyRodIn } from '../pistons/rodPull';
import { wheelsBarred } from '../timing/standing';
import { waitsForAnyInPlace } from './inPlace';
import { runsStanding } from './standing';

/** One fastened set pulled down by its programme, the head let down on its gasket first. */
export const tightenCard: Card<'tighten'> = {
  name: 'tighten',
  places: ['fastenedSets'],
  entries: ({ sheet }) => {
    const sets = setsToTighten(sheet).filter(({ id }) => !isByTheCap(sheet, id));
    // What the sheet does not say at all still has its card, barred: nobody takes its absence for "not needed".
    if (sets.length === 0) return takesTopsOff(sheet) ? [{ card: 'tighten', set: null }] : [];
    return sets.map(({ id, name }) => ({ card: 'tighten', set: { id, name } }));
  },
  lacks: ({ sheet }, { set }) => runLack(sheet, set?.id ?? null),
  waitsFor,
  stands: ({ sheet, state, now }, { set }) =>
    set
      ? runsStanding(sheet, state, runsOf(sheet, state, set.id, now), now)
      : lackingStanding(['head-set']),
};

function waitsFor(job: JobNow, { set }: Entry): readonly Wait[] {
  const { sheet, state } = job;
  const kind = setOf(sheet, set?.id ?? '')?.kind;
  if (!set || kind === undefined) return [];
  if (kind === 'rod-caps' && !state.leftOut.pistons && !isAnyRodIn(sheet, state))
    return [{ code: 'card-first', card: 'pistons' }];
  if (kind === 'timing-wheels') return wheelsBarred(sheet, state, set.id);
  return [
    ...waitsForAnyInPlace(sheet, state, runsOf(sheet, state, set.id, job.now)),
    ...setWaits(sheet, state, set.id, () => job.now),
    ...missingFor(sheet, state, { card: 'tighten', set: set.id }),
    ...(shutsAtOnce(kind, state) ? stillIn(state, 'cover') : []),
  ];
}

/** Sets that close over what cannot be reached afterwards. */
const COVERS: readonly FastenedSet['kind'][] = ['head', 'cylinder-base', 'cover'];

/** A head that is put on step by step shuts in what is left at the step it is let down. */
function shutsAtOnce(kind: FastenedSet['kind'], { leftOut }: JobNow['state']): boolean {
  return COVERS.includes(kind) && !(kind === 'head' && !leftOut.covering);
}
