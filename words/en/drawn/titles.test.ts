import { sampleDrawings } from '@cardinex/drawings/tests/samples';
import { drawingTitles } from './titles';

describe('the drawings', () => {
  it('are all among the samples that are tested and looked at', () => {
    const drawn = new Set(sampleDrawings().map(({ kind }) => kind));
    expect(Object.keys(drawingTitles).filter((kind) => !drawn.has(kind as never))).toEqual([]);
  });

  it('are told apart by their titles', () => {
    const titles = Object.values(drawingTitles);
    expect(new Set(titles).size).toBe(titles.length);
  });
});
