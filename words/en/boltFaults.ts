import type { BoltFault } from '@cardinex/core/job/facts/run';

const FAULTS: Readonly<Record<BoltFault, string>> = {
  'did-not-reach': 'Did not reach',
  slipped: 'Slipped',
  'moved-early': 'Moved early',
  'felt-soft': 'Felt soft',
  over: 'Went over',
  'odd-travel': 'Nut travel odd',
};

/** How each shows itself, under its name. */
export const FAULT_HINTS: Readonly<Record<BoltFault, string>> = {
  'did-not-reach': 'It kept turning, or the wrench never clicked.',
  slipped: 'The socket or the wrench let go part-way.',
  'moved-early': 'It clicked or moved before it should have.',
  'felt-soft': 'It turned on without coming up hard.',
  over: 'It got more than was asked.',
  'odd-travel': 'Its nut went further, or less far, than its fellows.',
};

export function faultName(fault: BoltFault): string {
  return FAULTS[fault];
}
