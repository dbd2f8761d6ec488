import { oneEntry, type Card } from '../../kit/card';
import { neededOn } from '../fit/neededOn';
import { timingStanding } from './standing';
import { timingChecks } from './view';

/** Set where the camshaft is in, step by step; its wheels are bolted on between two of them. */
export const timingCard: Card<'timing'> = {
  name: 'timing',
  canBeLeftOut: true,
  places: ['timing'],
  entries: ({ sheet }) => oneEntry('timing', timingChecks(sheet).length > 0),
  waitsFor: ({ sheet, state }) => neededOn(sheet, state, ['see-timing']),
  stands: ({ sheet, state }) => timingStanding(sheet, state),
};
