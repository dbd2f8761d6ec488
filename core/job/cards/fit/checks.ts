import { memoizeByObject } from '../../../sheet/memoize';
import { seenCheck, type Check } from '../../checks/check';
import type { JobSheet } from '../../scope';
import { fitPieces, fitRows, rowItem } from './rows';
import { fitSteps, turningSteps } from './steps';

const FIT = 'fit';

/** The check under which a piece goes on. */
export function fitCheckId(piece: string): string {
  return `${FIT}/${piece}`;
}

/** The piece that goes on under a check; null for any other check. */
export function pieceOfFit(check: string): string | null {
  return check.startsWith(`${FIT}/`) ? check.slice(FIT.length + 1) : null;
}

/** One check for each piece that goes on: row by row, each with all its steps. */
export const fitChecks = memoizeByObject((sheet: JobSheet): readonly Check[] =>
  fitPieces(sheet).map((piece) => {
    const turnsAt = turningSteps(sheet, piece);
    return seenCheck(
      {
        id: fitCheckId(piece.id),
        card: 'fit',
        kind: 'fitted',
        items: fitRows(sheet)
          .filter((row) => row.piece === piece)
          .map(rowItem),
      },
      {
        places: fitSteps(sheet, piece).map(({ id }) => id),
        byItem: true,
        set: piece.id,
        turnsCrank: turnsAt.length > 0,
        turnsAt,
      },
    );
  }),
);
