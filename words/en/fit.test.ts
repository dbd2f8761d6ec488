import { fitPieces } from '@cardinex/core/job/cards/fit/rows';
import { fitSteps } from '@cardinex/core/job/cards/fit/steps';
import { scopedSheet } from '@cardinex/core/job/scope';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { fitStepName } from './cards/fit';

describe('the steps of putting a piece on', () => {
  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'of %s are told apart by their names, also where there are two gaskets',
    (_, sheet) => {
      const scoped = scopedSheet(sheet, { kind: 'everything' });
      for (const piece of fitPieces(scoped)) {
        const names = fitSteps(scoped, piece).map(({ id }) => fitStepName(scoped, piece.id, id));
        const twice = names.filter((name, at) => names.indexOf(name) !== at);
        expect([piece.id, twice]).toEqual([piece.id, []]);
      }
    },
  );
});
