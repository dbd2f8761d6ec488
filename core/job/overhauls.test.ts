import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { gapTrends, overhaulOf, type Overhaul } from './overhauls';
import { headDown, stateOf } from './tests/story';

it('an overhaul is what was found cold and what was left cold', () => {
  const story = headDown()
    .act('caution.acknowledged', { caution: 'barring' })
    .act('crank.stood', { atDeg: 0, seen: 'x' })
    .valve('E1', 0.31, 0.42, 0.43);
  expect(overhaulOf('a', stateOf(story))).toMatchObject({
    job: 'a',
    hours: null,
    gaps: { E1: { foundMm: 0.31, leftMm: 0.43 } },
  });
  expect(overhaulOf('a', stateOf(headDown()))).toBeNull();
});

const overhaul = (hours: number | null, e4: number, e1 = 0.41): Overhaul => ({
  job: String(hours),
  at: '2026-03-02T08:00:00Z',
  hours,
  gaps: { E4: { foundMm: e4, leftMm: 0.42 }, E1: { foundMm: e1, leftMm: 0.42 } },
});

it('the seat that is going comes first, from the overhauls whose hours were told', () => {
  const trends = gapTrends(tolvane44, [
    overhaul(6300, 0.32, 0.42),
    overhaul(2100, 0.38, 0.42),
    overhaul(null, 0.1),
    overhaul(4200, 0.35, 0.42),
  ]);
  expect(trends.map(({ item, found }) => [item.id, found.code])).toEqual([
    ['E4', 'closing'],
    ['E1', 'not-closing'],
  ]);
  expect(trends[0]?.readings.map(({ hours }) => hours)).toEqual([2100, 4200, 6300]);
});

it('two overhauls make no trend, and say so', () => {
  const [first] = gapTrends(tolvane44, [overhaul(100, 0.4), overhaul(200, 0.3)]);
  expect(first?.found.code).toBe('fewer-than-three');
});
