import { heightsOf } from '../../../sheet/spec/block';
import { oneEntry, type Card } from '../../kit/card';
import { linersLack } from '../../lacks';
import { missingFor } from '../../waits';
import { takesTopsOff } from '../../scope';
import { linersStanding } from './standing';

/** Liners read where they stand, placed, sealed and accepted. */
export const linersCard: Card<'liners'> = {
  name: 'liners',
  places: ['liners'],
  // A sheet that says nothing of liners has the card all the same, barred.
  entries: ({ sheet }) =>
    oneEntry('liners', takesTopsOff(sheet) && (!sheet.liners || heightsOf(sheet.liners) !== null)),
  lacks: ({ sheet }) => linersLack(sheet),
  waitsFor: ({ sheet, state }) => missingFor(sheet, state, { card: 'liners' }),
  stands: ({ sheet, state }) => linersStanding(sheet, state),
};
