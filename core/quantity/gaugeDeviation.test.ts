import { readDeviation } from './gaugeDeviation';

const bore = { setMm: 94, divisionMm: 0.01 };

describe('what a gauge shows that was set to a size', () => {
  it.each([
    ['+3', 94.03, 3],
    ['3', 94.03, 3],
    ['-2', 93.98, -2],
    ['−2', 93.98, -2],
    ['0', 94, 0],
    ['+1,5', 94.015, 1.5],
    ['-0.5', 93.995, -0.5],
    ['½', 94.005, 0.5],
  ])('%s is the size', (text, mm, divisions) => {
    expect(readDeviation(text, bore)).toEqual({ ok: true, mm, divisions });
  });

  it.each([
    // Millimetres, or the size itself: three hundredths must not become three ten-thousandths.
    ['+0.03', 'no-division'],
    ['94.03', 'no-division'],
    ['9403', 'no-division'],
    ['', 'empty'],
    ['+3 mm', 'letters'],
    ['three', 'letters'],
    ['1.2.3', 'grouped'],
  ])('%s is not: %s', (text, fault) => {
    expect(readDeviation(text, bore)).toEqual({ ok: false, fault });
  });

  it('is exact at every division of any face', () => {
    for (const divisionMm of [0.01, 0.001, 0.002, 0.0254, 0.0127])
      for (let divisions = -300; divisions <= 300; divisions += 1) {
        const read = readDeviation(String(divisions), { setMm: 75, divisionMm });
        const exact = Math.round(75_000_000 + divisions * divisionMm * 1_000_000) / 1_000_000;
        expect(read).toEqual({ ok: true, mm: exact, divisions });
      }
  });
});
