import type { BridgeStep, GapReading } from '@cardinex/core/job/facts/valves';
import type { BarringSchool } from '@cardinex/core/overhead/schools';

const READINGS: Readonly<Record<GapReading, string>> = {
  found: 'As found',
  set: 'As set',
  locked: 'As locked',
  again: 'After two turns',
  hot: 'Hot',
};

const SCHOOL_NAMES: Readonly<Record<BarringSchool, string>> = {
  fewest: 'Fewest positions',
  book: 'The book’s own table',
  'first-mark': 'Cylinder 1’s mark only',
  'firing-order': 'Cylinder by cylinder, as they fire',
  companion: 'The companion rocking',
  'opening-closing': 'As the other valve opens or closes',
};

export function schoolName(school: BarringSchool): string {
  return SCHOOL_NAMES[school];
}

const BRIDGE_STEPS: Readonly<Record<BridgeStep, string>> = {
  equalised: 'Equalised',
  before: 'Tried for twist before',
  after: 'Tried for twist after',
};

export function bridgeStepName(step: BridgeStep): string {
  return BRIDGE_STEPS[step];
}

export function readingName(reading: GapReading): string {
  return READINGS[reading];
}
