import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { settingItems, type ItemKind } from '../../../sheet/settingItems';
import { openedFor } from '../../tests/intake';
import { stateOf } from '../../tests/story';
import { lockNutNm, lockNutOf } from './lockNut';

const printedFor = (sheet: EngineSheet, kind: ItemKind) => {
  const item = settingItems(sheet).find((entry) => entry.kind === kind);
  if (!item) throw new Error(`no ${kind}`);
  return lockNutOf(sheet, item);
};

it('what locks a screw is what the sheet prints for its valves', () => {
  const printed = printedFor(orrin6t, 'exhaust');
  expect(printed && lockNutNm(printed)).toBe(45);
  // 240 lbf·in, in newton metres.
  const inInches = printedFor(averilQ4, 'intake');
  expect(inInches && lockNutNm(inInches)).toBeCloseTo(240 * 0.112984829, 6);
  // A brake slave and an injector have screws of their own; a shim and a self-locking nut lock nothing.
  expect(printedFor(orrin6t, 'brake')).toBeNull();
  expect(printedFor(orrin6t, 'injector')).toBeNull();
  expect(printedFor(quillon5c, 'intake')).toBeNull();
  expect(printedFor(castryV8, 'intake')).toBeNull();
});

it('a range is pulled to its middle; what is not printed has no figure', () => {
  const figure = (value: number) => ({
    text: String(value),
    value,
    unit: 'N·m' as const,
    from: 'manual' as const,
    source: 'p. 1',
  });
  expect(lockNutNm({ low: figure(20), high: figure(30) })).toBe(25);
  expect(lockNutNm({ missing: 'firmly' })).toBeNull();
});

it('the next nut is pulled by what pulled the last, and one left alone says nothing', () => {
  const story = openedFor(tolvane44, { kind: 'gasket' });
  const nut = { nm: 25, setNm: 25, wrench: 'w1', name: 'Wrench 1' };
  const read = (valve: string, reading: 'found' | 'set' | 'locked', more = {}) =>
    story.act('valve.read', {
      valve,
      reading,
      mm: 0.4,
      printed: { text: '0.4', unit: 'mm' },
      ...more,
    });
  expect(stateOf(story).valves.lastNut).toBeUndefined();
  read('E1', 'set');
  read('E1', 'locked', { nut });
  expect(stateOf(story).valves.lastNut).toEqual(nut);
  read('I1', 'found');
  read('I1', 'locked');
  expect(stateOf(story).valves.lastNut).toEqual(nut);
  read('I2', 'set');
  read('I2', 'locked');
  expect(stateOf(story).valves.lastNut).toBeNull();
});
