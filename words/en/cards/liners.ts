import type {
  BoreFinding,
  DifferenceFinding,
  FirstToMend,
  LinerCheck,
  LinerLimits,
  RiseFinding,
} from '@cardinex/core/block/linerCheck';
import { METRIC, length, listed, type ReaderUnits } from '../quantity';

/** What one liner's readings say, with the number that broke the limit. */
export function boreSentence(
  b: BoreFinding,
  limits: LinerLimits,
  units: ReaderUnits = METRIC,
): string {
  const height = length(b.meanMm, units);
  if (b.tiltVerdict === 'over') {
    return `Liner ${b.id} tilts ${length(b.tiltMm ?? 0, units)}; ${length(limits.tiltMm ?? 0, units)} is allowed.`;
  }
  if (b.verdict === 'low')
    return `Liner ${b.id} stands ${height}, below ${length(limits.lowMm, units)}.`;
  if (b.verdict === 'high')
    return `Liner ${b.id} stands ${height}, above ${length(limits.highMm, units)}.`;
  if (b.readingOutside)
    return `Liner ${b.id} stands ${height}, within, but one reading is outside.`;
  return `Liner ${b.id} stands ${height}, within.`;
}

export function differenceSentence(
  d: DifferenceFinding,
  limits: LinerLimits,
  units: ReaderUnits = METRIC,
): string {
  const step = `Liners ${d.from} and ${d.to} differ by ${length(Math.abs(d.mm), units)}`;
  if (d.verdict === 'no-limit') return `${step}; no limit was given.`;
  const allowed = `${length(limits.adjacentMm ?? 0, units)} is allowed`;
  return d.verdict === 'over' ? `${step}; ${allowed}.` : `${step}, within.`;
}

export function riseSentence(r: RiseFinding): string {
  const way = r.direction === 'up' ? 'rise' : 'fall';
  const bank = r.bank === null ? 'The liners' : `The liners of bank ${r.bank}`;
  if (r.verdict === 'within') return `${bank} ${way} along the block as asked.`;
  const places = r.breaks.map((b) => `between ${b.from} and ${b.to}`);
  return `${bank} should ${way} along the block; the order breaks ${listed(places)}.`;
}

/** What to put right first, and how to begin. */
function firstSentence(first: FirstToMend, units: ReaderUnits = METRIC): string {
  const over = length(first.excessMm, units);
  const bores = listed(first.bores);
  switch (first.kind) {
    case 'tilt':
      return `Lift liner ${bores} first: it tilts ${over} too much. Look for dirt on the ledge or a rolled seal, seat it and read again.`;
    case 'height':
      return `Liner ${bores} first: its height is ${over} outside the limits. Check that it is seated and clamped, then its ledge and flange.`;
    case 'adjacent':
      return `Liners ${bores} first: they differ ${over} too much. Try one of them in another bore.`;
    case 'group':
      return `Liners ${bores} under one head spread ${over} too far. Move or change the highest or the lowest.`;
    case 'rise':
      return `Liners ${bores} first: they stand in the wrong order by ${over}. Let them change places, mark them anew and read again.`;
  }
}

/** The whole check in one sentence. */
export function linersSentence(check: LinerCheck, units: ReaderUnits = METRIC): string {
  if (check.first) return firstSentence(check.first, units);
  const count = check.bores.length;
  return count === 1
    ? 'The liner is within its limits.'
    : `All ${count} liners are within their limits.`;
}
