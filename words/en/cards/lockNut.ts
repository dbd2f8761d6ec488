import type { NutPulled } from '@cardinex/core/job/facts/valves';
import { METRIC, setting, torque, type ReaderUnits } from '../quantity';

/** The lock nut of a valve's screw, as it stands on the card. */
export const lockNutWords = {
  nut: (value: string) => `Lock nut ${value}`,
  notPrinted: (sentence: string) => `Lock nut: ${sentence}`,
  setTo: (wrench: string, nm: number, through: boolean, units: ReaderUnits) =>
    `${wrench}${through ? ' with its adapter' : ''} set to ${setting(nm, units)}`,
  byHand: 'By hand; no wrench is written down',
  title: 'What pulls the lock nut?',
  noWrench: 'By hand, without a wrench',
  take: 'This one',
  against: {
    'out-of-range': 'Out of its range: take another.',
    adapter: 'That adapter is too long for it: take another.',
  },
} as const;

/** How a lock nut was pulled, for the record. */
export function nutPulledLine(
  { nm, setNm, name, adapter }: NutPulled,
  units: ReaderUnits = METRIC,
): string {
  const set = lockNutWords.setTo(name, setNm, adapter !== undefined, units);
  return `lock nut ${torque(nm, units)}, ${set}`;
}
