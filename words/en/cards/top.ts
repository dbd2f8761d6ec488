import type { TopFinding } from '@cardinex/core/job/top';
import { deadCentreSentence } from '../overhead';
import { METRIC, degrees, length, type ReaderUnits } from '../quantity';

/** Top dead centre by a positive stop, step by step. */
export const topWords = {
  title: 'Top of cylinder 1',
  beside: 'Top by a stop',
  stopIn: 'Stop in cylinder 1',
  stopInSays: [
    'A bolt through a strap over the bore, or a stop in the injector’s or plug’s hole, so that the piston meets it well before its top.',
    'By hand, slowly, from both sides. Never the starter, never with force: the piston meets the stop.',
  ],
  steps: { in: 'Stop is in', mark: 'Mark made', out: 'Stop is out' },
  by: 'Read by',
  wheel: 'Degree wheel',
  rim: 'Marks on the rim',
  forward: 'Forward to the stop, the wheel reads',
  back: 'Backward to the stop, the wheel reads',
  arc: 'Between the two marks, along the rim',
  wheelSays:
    'Turn forward until the piston meets the stop and read; then backward all the way round until it meets it again.',
  rimSays:
    'At each stop make a fine line on the rim against the pointer. Measure along the rim from one to the other, the short way.',
  keeps: { wheel: 'Keep both', rim: 'Keep it' },
  notDegrees: 'Digits with one comma or point, from 0 to 360.',
  notMm: 'Digits with one comma or point, in millimetres.',
  again: 'Read again',
  twice: 'Look at cylinder 1’s valves to tell which: it comes here twice in a cycle.',
  markSays:
    'Punch or scribe the rim against the pointer there, with its cylinder beside it. Paint alone washes off.',
  markLabel: 'What was made, and where?',
  markHint: 'e.g. punch dot on the pulley at the pointer, “1” beside it',
  needMark: 'Say what was made, so that the next finds it.',
  stopOutSays: 'Before anything else is turned.',
  done: 'Top found, stop out.',
  none: 'No mark on this engine? Find the top by a stop.',
  stops: (top: string) => `Degree wheel with both stops; the top is at ${top}.`,
  back2: [
    'Near the top a piston hardly moves: by eye, or by the gauge at its highest, the crank may be degrees off. Halfway between two places where it stands equally far down is exact.',
    'Both sides are come up on by hand with the slack taken up the same way.',
  ],
} as const;

/** Where the top lies, in words. */
export function topSentence(found: TopFinding, units: ReaderUnits = METRIC): string {
  if (found.by === 'wheel') return deadCentreSentence(found);
  const deg = found.halfDeg === null ? '' : ` (${degrees(found.halfDeg)} of the crank)`;
  return `The top is ${length(found.halfMm, units)} from either mark${deg}, on the short side between them.`;
}
