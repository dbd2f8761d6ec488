import { demoSheets } from '@cardinex/demo/sheets/all';
import type { EngineSheet } from '../sheet/engineSheet';
import { heated } from './cards/after-heat/programme';
import { proposalsFor } from './proposeValue';
import { scopedSheet } from './scope';
import { scopesFor, scopeChoices } from './plan/scopeChoices';
import { slackened } from './slackening';

/** Every figure in something: what has a text, a value, a unit and a source of its own. */
function figuresIn(value: unknown): readonly object[] {
  if (typeof value !== 'object' || value === null) return [];
  const isFigure = ['text', 'value', 'unit', 'from', 'source'].every((key) => key in value);
  return [...(isFigure ? [value] : []), ...Object.values(value).flatMap(figuresIn)];
}

const saysPrinted = (figure: object): boolean => (figure as { from: string }).from !== 'assumed';

/** All that the work goes by and the sheet does not hold as it stands. */
function workedOut(sheet: EngineSheet): unknown {
  const scopes = scopesFor(sheet).flatMap((kind) => {
    const [only] = scopeChoices(sheet, kind);
    return scopedSheet(sheet, only === undefined ? { kind } : { kind, only });
  });
  return [
    ...(sheet.fastenedSets ?? []).flatMap((set) => [slackened(set), heated(set)]),
    ...scopes,
    ...(sheet.fastenedSets ?? []).map((set) => proposalsFor(set)),
  ];
}

describe('a figure that is said to be printed', () => {
  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'is on the sheet as it stands, and any other is marked as assumed: %s',
    (_, sheet) => {
      const printed = new Set(figuresIn(sheet).map((figure) => JSON.stringify(figure)));
      const invented = figuresIn(workedOut(sheet))
        .filter(saysPrinted)
        .filter((figure) => !printed.has(JSON.stringify(figure)));
      expect(invented).toEqual([]);
    },
  );
});
