import { counted } from './kit';
import type { MarksReturn } from '@cardinex/core/crank/marksReturn';
import type { WheelLine } from '@cardinex/core/crank/wheelLine';
import { METRIC, length, listed, type ReaderUnits } from './quantity';

/** Whether the wheels run in one line, and what would bring them there. */
export function wheelLineSentence(found: WheelLine, units: ReaderUnits = METRIC): string {
  const { meanMm, wobbleMm, verdict, shimMm } = found;
  const by = length(Math.abs(meanMm), units);
  switch (verdict) {
    case 'within':
      return `In line: ${by} out at the mean. Within.`;
    case 'wobbles':
      return `It runs out by ${length(wobbleMm, units)} from place to place: not seated, or bent. Take it off and look; no shim cures that.`;
    case 'proud':
      return `It stands ${by} before the line. Take a shim out, or look whether another wheel is not home.`;
    case 'out':
      return shimMm === null
        ? `It stands ${by} behind the line, and there is no shim that would bring it nearer.`
        : `It stands ${by} behind the line. With a shim of ${length(shimMm, units)} behind it it stands ${standsThen(found, units)}.`;
  }
}

function standsThen({ stands, leftMm }: WheelLine, units: ReaderUnits): string {
  const left = length(Math.abs(leftMm), units);
  return { behind: `${left} behind it still`, 'in-line': 'in line', before: `${left} before it` }[
    stands
  ];
}

function turns(count: number): string {
  return counted(count, { one: 'turn', other: 'turns' });
}

/** After how many turns of the crank each mark stands again. */
export function marksReturnSentence({ marks, allTurns }: MarksReturn): string {
  const soon = marks.filter((mark) => mark.turns <= 2).map(({ id }) => id);
  const late = marks
    .filter((mark) => mark.turns > 2)
    .map((mark) => `${mark.id} after ${turns(mark.turns)}`);
  return [
    soon.length > 0 ? `Looked for after two turns: ${listed(soon)}.` : '',
    late.length > 0 ? `Not to be looked for by then: ${listed(late)}.` : '',
    `All stand together again after ${turns(allTurns)}.`,
  ]
    .filter(Boolean)
    .join(' ');
}
