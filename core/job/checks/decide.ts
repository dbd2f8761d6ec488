import { deviated } from '../../quantity/gaugeDeviation';
import { ACCEPTED, refused, type Verdict } from '../verdict';
import type { ActOf } from '../act';
import { refusedTurning } from '../mayTurn';
import type { DecideContext } from '../decideContext';
import { mayOverride } from '../roles';
import type { JobState } from '../state';
import { refusedBearingStep } from '../cards/bearings/rules';
import { decideFitSeen } from '../cards/fit/rules';
import { decideHeadStep } from '../cards/tighten/rules';
import { decidePumpSeen } from '../cards/pump/rules';
import { decideTimingSeen } from '../cards/timing/rules';
import { isByStripAlone } from '../cards/shells/clearances';
import { DEAD, isolationOf } from '../cards/dead/checks';
import { isWeighedBeside } from '../cards/pistons/checks';
import { decideOnRod } from '../cards/pistons/rules';
import { checkOf } from './allChecks';
import { CLEARANCE_REACH, moveOf } from './check';
import { isTurnedFor } from './crankThere';
import { goByRow } from './handling';
import { checkSeen, seenOf } from './state';
import { canBeReworked, checkView } from './view';

export function decideCheckRead(
  state: JobState,
  { data }: ActOf<'check.read'>,
  { sheet }: DecideContext,
): Verdict {
  const check = checkOf(sheet, data.check);
  if (check?.way !== 'read') return refused('unknown-check', { check: data.check });
  if (!check.items.includes(data.item) || !check.places.includes(data.place ?? '')) {
    return refused('unknown-place-of-check', { item: data.item });
  }
  if (data.direct ? check.kind !== 'clearances' : isByStripAlone(check))
    return refused('no-clearance-here');
  const [lowMm, highMm] = data.direct ? CLEARANCE_REACH : check.reachMm;
  if (data.mm < lowMm || data.mm > highMm) return refused('beyond-reach', { lowMm, highMm });
  const { deviation } = data;
  if (deviation && deviated(deviation, deviation.divisions) !== data.mm)
    return refused('deviation-differs');
  return (check.turnsCrank ? refusedTurning(sheet, state, moveOf(check)) : null) ?? ACCEPTED;
}

export function decidePieceWeighed(
  { data }: ActOf<'piece.weighed'>,
  { sheet }: DecideContext,
): Verdict {
  const check = checkOf(sheet, data.check);
  if (check?.way !== 'weighed') return refused('unknown-check', { check: data.check });
  if (isWeighedBeside(data.item) !== (data.beside !== undefined))
    return refused('compared-with-what');
  return check.items.includes(data.item)
    ? ACCEPTED
    : refused('unknown-place-of-check', { item: data.item });
}

export function decideCheckSeen(
  state: JobState,
  act: ActOf<'check.seen'>,
  context: DecideContext,
): Verdict {
  const { data, at } = act;
  const { sheet } = context;
  if (data.check === DEAD) {
    if (data.found === 'not-good' && !data.words) return refused('words-needed');
    const known = (isolationOf(sheet) as readonly string[]).includes(data.item);
    return known ? ACCEPTED : refused('unknown-check', { check: data.item });
  }
  const check = checkOf(sheet, data.check);
  const wanted = check?.kind === 'shells-found' ? refusedShell(data) : refusedLook(data);
  if (wanted) return wanted;
  if (check?.way !== 'seen') return refused('unknown-check', { check: data.check });
  if (!check.items.includes(data.item) || !check.places.includes(data.step ?? '')) {
    return refused('unknown-place-of-check', { item: data.item });
  }
  const early = refusedBearingStep(sheet, state, check, data.item);
  if (early) return early;
  const turns = isTurnedFor(sheet, state, check, data.item, data.step ?? '');
  const held = turns ? refusedTurning(sheet, state, moveOf(check)) : null;
  if (held) return held;
  if (check.kind === 'timing') return decideTimingSeen(state, act, context);
  if (check.kind === 'pump') return decidePumpSeen(state, act, context);
  if (check.kind === 'on-rod' && data.found === 'good') return decideOnRod(sheet, state, data.item);
  if (check.kind === 'fitted') return decideFitSeen(state, act, check, context);
  return check.kind === 'head-on' && data.found === 'good' && data.step !== undefined
    ? decideHeadStep(state, check, data.step, { sheet, at })
    : ACCEPTED;
}

/** What is not good is said in words. */
function refusedLook({ found, words }: ActOf<'check.seen'>['data']): Verdict | null {
  return found === 'not-good' && !words ? refused('words-needed') : null;
}

/** How a shell was found is picked, and only what is worn evenly is as it should be. */
function refusedShell({ found, wear }: ActOf<'check.seen'>['data']): Verdict | null {
  return wear !== undefined && (wear === 'even') === (found === 'good')
    ? null
    : refused('wear-needed');
}

/**
 * Is this row of its check, each once, its steps such as may be said of many at once, and may each of them be said? What
 * was found not good is looked at again by itself.
 */
export function decideRowSeen(
  state: JobState,
  act: ActOf<'check.row-seen'>,
  context: DecideContext,
): Verdict {
  const { check: id, items, steps } = act.data;
  const { checks } = state;
  const { sheet } = context;
  const check = checkOf(sheet, id);
  if (check?.way !== 'seen') return refused('unknown-check', { check: id });
  const unknown = items.find((item, at) => !check.items.includes(item) || items.indexOf(item) < at);
  if (unknown !== undefined) return refused('unknown-place-of-check', { item: unknown });
  const isNotGood = (item: string): boolean =>
    steps.some((step) => seenOf(checks, id, item, step)?.found === 'not-good');
  return goByRow(check, steps) && !items.some(isNotGood)
    ? decideEach(state, act, context)
    : refused('not-by-row');
}

/** The first that would be refused if each of a row were said by itself, one after the other. */
function decideEach(
  state: JobState,
  { data: { check, items, steps }, ...act }: ActOf<'check.row-seen'>,
  context: DecideContext,
): Verdict {
  let soFar = state;
  for (const item of items)
    for (const step of steps) {
      const data = { check, item, step, found: 'good' } as const;
      const one = { ...act, type: 'check.seen', data } as const;
      const verdict = decideCheckSeen(soFar, one, context);
      if (!verdict.ok) return verdict;
      const stored = { ...one, seq: act.seenSeq + 1, receivedAt: act.at };
      soFar = { ...soFar, checks: checkSeen(soFar.checks, stored) };
    }
  return ACCEPTED;
}

export function decideCheckDecided(
  state: JobState,
  { data }: ActOf<'check.decided'>,
  { sheet, member }: DecideContext,
): Verdict {
  const check = checkOf(sheet, data.check);
  if (!check) return refused('unknown-check', { check: data.check });
  const judged = checkView(sheet, state.checks, check).judged.find(
    ({ item }) => item === data.item,
  );
  if (judged?.verdict !== 'out') return refused('nothing-out');
  if (data.decision === 'rework' && judged.finding && !canBeReworked(judged.finding)) {
    return refused('not-to-be-reworked');
  }
  if (data.decision !== 'keep') return ACCEPTED;
  if (!mayOverride(member.role)) return refused('lead-lets-stand');
  return member.fresh ? ACCEPTED : refused('needs-fresh-proof');
}
