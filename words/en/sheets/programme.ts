import { drawDownOf } from '@cardinex/core/sheet/drawnDown';
import { groupOf, stagesOf } from '@cardinex/core/sheet/programmeOf';
import {
  isSheetPause,
  type FastenedSet,
  type SheetDrawStage,
  type SheetPullStage,
  type SheetStage,
  type StageValue,
} from '@cardinex/core/sheet/spec/fastening';
import { degrees, listed, printedText } from '../quantity';

/** One stage of a programme in words. */
interface StageLine {
  /** "1", "2", … or "pull 1" where there are several cycles. */
  readonly number: string;
  readonly says: string;
}

/** A set's programme as sentences, stage by stage, in the book's own figures. */
export function programmeLines(set: FastenedSet): readonly StageLine[] {
  const stages = stagesOf(set);
  let before: readonly string[] | null = null;
  return stages.map(({ stage }, place) => {
    const sentence = stageSentence(set, stage, before);
    if (!isSheetPause(stage)) before = stage.order;
    return { number: String(place + 1), says: sentence };
  });
}

/** The printed numbers of a stage's order: "1, 2, 3 and 4". */
export function orderText(set: FastenedSet, order: readonly string[]): string {
  return listed(order.map((id) => set.fasteners.find((f) => f.id === id)?.number ?? id));
}

/** How a part that springs hold up is drawn down before the programme; nothing for one that none do. */
export function springSentence(set: FastenedSet): string | null {
  const { down } = set.springLoad ?? {};
  if (!down) return null;
  const stands = `Springs hold its part ${down.text} off its seat.`;
  const plan = drawDownOf(set);
  return plan
    ? `${stands} First drawn down evenly: ${plan.rounds} rounds, each fastener in turn by ${degrees(plan.turnDegPerRound)}; let up in the same.`
    : `${stands} Drawn down evenly, a little at each in turn, as the manual has it.`;
}

/** One round of drawing a part down on its springs, or letting it up, with the order of its fasteners. */
export function roundSentence(set: FastenedSet, { round, rounds, order }: SheetDrawStage): string {
  return `Round ${round} of ${rounds}. Springs hold it up: each in turn, ${orderText(set, order)}, so that it stays level.`;
}

function stageSentence(
  set: FastenedSet,
  stage: SheetStage,
  before: readonly string[] | null,
): string {
  if (stage.kind === 'draw-down')
    return `Draw down, each by ${stage.turn.text}, round ${stage.round} of ${stage.rounds}.`;
  if (isSheetPause(stage)) {
    const time = stage.time ? ` ${stage.time.text}.` : '';
    return `${stage.kind === 'wait' ? 'Wait.' : 'Turn the crank by hand.'}${time} ${stage.says}`;
  }
  const left = stage.leaveOut ?? [];
  const leaving = left.length > 0 ? ` Leave out ${orderText(set, left)}.` : '';
  const order =
    before === null || same(before, stage.order)
      ? ''
      : same([...before].reverse(), stage.order)
        ? ' Backwards.'
        : left.length > 0
          ? ''
          : ' In another order.';
  const two = stage.together
    ? ' Two pull each at once, one at either end.'
    : stage.farSide
      ? ` One pulls ${orderText(set, stage.farSide)} from the far side, another the rest.`
      : '';
  return `${actSentence(set, stage)}${order}${leaving}${two}`;
}

function actSentence(set: FastenedSet, stage: SheetPullStage): string {
  switch (stage.kind) {
    case 'torque':
      return `Pull to ${valuesText(set, stage.values)}.`;
    case 'check':
      return `Pull to ${valuesText(set, stage.values)}: none may move.`;
    case 'angle':
      return `Turn by ${valuesText(set, stage.values)}.`;
    case 'slacken':
      return stage.by ? `Ease each by ${stage.by.text}.` : 'Ease each right off.';
    case 'hydraulic':
      return `Pump all jacks to ${printedText(stage.pressure)}, run the nuts down, release.`;
    case 'hydraulic-check':
      return `Pump again to ${printedText(stage.pressure)}: no nut may move.`;
  }
}

function valuesText(set: FastenedSet, values: readonly StageValue<string>[]): string {
  const [only] = values;
  if (values.length === 1 && only && only.group === undefined) return printedText(only.value);
  const name = (id: string | undefined): string =>
    set.groups.find((group) => group.id === id)?.name ?? 'the others';
  return values.map(({ group, value }) => `${printedText(value)} (${name(group)})`).join(', ');
}

function same(list: readonly string[], other: readonly string[]): boolean {
  return list.length === other.length && list.every((id, place) => id === other[place]);
}

/** What a group of fasteners is: thread, length, spanner, uses, treatment. */
export function groupLines(
  set: FastenedSet,
): readonly { name: string; says: string; source: string }[] {
  return set.groups.map((group) => {
    const count = set.fasteners.filter((f) => groupOf(set, f)?.id === group.id).length;
    const { thread, length, spanner, grade, uses, stretch, stretchLimit, hole, treatment } = group;
    const parts = [
      [thread, length?.text].filter(Boolean).join(' × '),
      grade && `grade ${grade}`,
      spanner && `spanner ${spanner}`,
      uses === 'one'
        ? 'used once'
        : uses === 'until-limit'
          ? 'used until its limit'
          : `used ${uses.most} times at most`,
      stretch && 'stretched past yield',
      stretchLimit && `longest ${stretchLimit.text}`,
      hole && HOLES[hole],
      group.washer,
      group.counterHold && `held by ${group.counterHold}`,
      group.locking,
    ].filter(Boolean);
    return {
      name: `${count} × ${group.name}`,
      says: `${parts.join(', ')}. ${treatment.says}.`,
      source: treatment.source,
    };
  });
}

const HOLES = {
  blind: 'blind hole',
  through: 'through hole',
  coolant: 'hole breaks into coolant',
  oil: 'hole breaks into oil',
} as const;
