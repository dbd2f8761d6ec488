import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { EngineSheet } from '../sheet/engineSheet';
import { withValueAt } from '../sheet/pointer';
import { linersLack, runLack, valvesLack } from './lacks';
import { scopedSheet, setsInScope } from './scope';
import { EMPTY_STATE } from './emptyJob';
import { trayOf } from './tray';

const NOW = '2026-03-02T12:00:00Z';
const without = (key: keyof EngineSheet): EngineSheet => {
  const { [key]: _gone, ...rest } = tolvane44;
  return rest as EngineSheet;
};
const barred = (sheet: EngineSheet) =>
  trayOf(sheet, EMPTY_STATE, NOW)
    .filter((card) => card.reason.code === 'sheet-lacks')
    .map((card) => card.set?.id ?? card.card);

describe('a thin sheet', () => {
  it.each([
    ['liners', ['liners']],
    ['fastenedSets', ['tighten']],
    ['overhead', ['valves']],
    ['firing', ['valves']],
    ['rotation', ['valves']],
    ['gasket', []],
    ['pistons', []],
    ['timing', []],
  ] as const)('without its %s bars only the cards that need it', (key, cards) => {
    expect(barred(without(key))).toEqual(cards);
  });

  it('says which figure it is that is missing', () => {
    const missing = { missing: 'See the plate.' };
    const value = '/fastenedSets/0/programme/cycles/0/stages/1/values/0/value';
    expect(runLack(withValueAt(tolvane44, value, missing), 'head')).toEqual(['stage-value']);
    expect(runLack(tolvane44, 'head')).toEqual([]);
    expect(runLack(tolvane44, null)).toEqual(['head-set']);
    const noLow = withValueAt(tolvane44, '/liners/low', undefined);
    expect(linersLack(noLow)).toEqual(['liner-low']);
    const noGap = withValueAt(tolvane44, '/overhead/clearances/exhaust', {});
    expect(valvesLack(noGap)).toEqual(['exhaust-gap']);
  });

  it('that is complete lacks nothing, whatever the engine', () => {
    for (const sheet of demoSheets) {
      expect(linersLack(sheet)).toEqual([]);
      const whole = scopedSheet(sheet, { kind: 'everything' });
      for (const { id, programme } of setsInScope(whole))
        if (programme) expect(runLack(sheet, id)).toEqual([]);
      if (sheet.overhead?.adjust !== 'hydraulic') expect(valvesLack(sheet)).toEqual([]);
    }
  });
});
