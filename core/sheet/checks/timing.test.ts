import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import type { EngineSheet } from '../engineSheet';
import type { TimingSpec } from '../spec/timing';
import { checkTiming } from './timing';

const timing = quillon5c.timing as TimingSpec;
const found = (more: Partial<TimingSpec>) =>
  checkTiming({ ...quillon5c, timing: { ...timing, ...more } } as EngineSheet).map(
    ({ at, code }) => `${at} ${code}`,
  );

it('marks stand on wheels that are there, and to links that are counted', () => {
  expect(found({})).toEqual([]);
  expect(found({ markPlaces: [{ mark: 9, wheel: 'idler', meets: 'cam' }] })).toEqual([
    'timing.markPlaces[0].mark unknown-mark',
    'timing.markPlaces[0].wheel unknown-wheel',
  ]);
  const [first, second] = timing.wheels ?? [];
  if (!first || !second) throw new Error('no wheels');
  expect(found({ wheels: [first, { ...second, id: first.id }], markPlaces: [] })).toEqual([
    'timing.wheels[1].id repeated',
  ]);
  expect(found({ wheels: [first, { ...second, xMm: first.xMm, yMm: first.yMm }] })).toContain(
    'timing.wheels[1] same-place',
  );
  const { links: _none, ...withoutLinks } = timing;
  const sheet = { ...quillon5c, timing: withoutLinks } as EngineSheet;
  expect(new Set(checkTiming(sheet).map(({ code }) => code))).toEqual(new Set(['links-missing']));
});
