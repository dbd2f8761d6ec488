import type { TorqueFigure } from '../quantity/figure';
import type { TorqueUnit } from '../quantity/units';
import type { FastenedSet, SheetTorqueStage, StageValue } from '../sheet/spec/fastening';
import { readThread } from '../tightening/screwThread';
import { torquePropose, type TorqueProposal } from '../tightening/torquePropose';

/** A value proposed for a place of the sheet where none is printed. */
interface ValueProposal {
  /** The place, as leaflets and deviations name it. */
  readonly at: string;
  /** Which stage of the programme, counted from 1, and whose value. */
  readonly stage: number;
  readonly group: string;
  readonly found: TorqueProposal;
  readonly figure: TorqueFigure;
}

/** Each stage before the last is proposed at its part of the whole, as stages usually rise. */
function shareOf(stage: number, total: number): number {
  return total <= 1 ? 1 : stage / total;
}

/**
 * What could be assumed for the torques a programme does not print: from thread, grade and treatment,
 * the last stage whole and those before it rising evenly to it. Each is marked as assumed.
 */
export function proposalsFor(set: FastenedSet): readonly ValueProposal[] {
  return (set.programme?.cycles ?? []).flatMap((cycle) => {
    const torques = cycle.stages.filter(
      (stage): stage is SheetTorqueStage => stage.kind === 'torque',
    );
    return torques.flatMap((stage, at) => {
      const inPlace = `/fastenedSets/id=${set.id}/programme/cycles/id=${cycle.id}/stages/id=${stage.id}`;
      const entry = { stage: at + 1, share: shareOf(at + 1, torques.length), inPlace };
      return stage.values.flatMap((value, valueAt) => proposed(set, value, valueAt, entry) ?? []);
    });
  });
}

interface OfStage {
  readonly stage: number;
  readonly share: number;
  /** The stage's own place on the sheet. */
  readonly inPlace: string;
}

/** What could stand where one value is missing; null where nothing is, or nothing can be said. */
function proposed(
  { groups }: FastenedSet,
  { group: id, value }: StageValue<TorqueUnit>,
  valueAt: number,
  { stage, share, inPlace }: OfStage,
): ValueProposal | null {
  const group = id === undefined ? groups[0] : groups.find((entry) => entry.id === id);
  const thread = group && readThread(group.thread);
  if (!('missing' in value) || !group?.grade || !thread) return null;
  const whole = torquePropose(thread, group.grade, group.treatment.kind);
  if (!whole) return null;
  const nm = Math.max(1, Math.round(whole.nm * share));
  return {
    at: `${inPlace}/values/${id === undefined ? `#${valueAt}` : `group=${id}`}/value`,
    stage,
    group: group.name,
    found: {
      ...whole,
      nm,
      forceKn: whole.forceKn * share,
      shareOfYield: whole.shareOfYield * share,
    },
    figure: {
      text: `${nm} N·m`,
      value: nm,
      unit: 'N·m',
      from: 'assumed',
      source: `${group.thread}, ${group.grade}, ${group.treatment.says.toLowerCase()}`,
    },
  };
}
