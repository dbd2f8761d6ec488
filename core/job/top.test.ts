import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { madeDead, openedFor, refusalIn, sheetIn } from './tests/intake';
import { stateOf } from './tests/story';
import { stopIn, STOP, topFinding, topView } from './top';

const ready = (sheet = tolvane44) =>
  madeDead(openedFor(sheet, { kind: 'everything' }), sheet).act('caution.acknowledged', {
    caution: 'barring',
  });
const stops = { stopForwardDeg: 340, stopBackDeg: 24 };

describe('the top by a stop', () => {
  it('is halfway between both, on the wheel or along the rim', () => {
    const story = ready();
    const sheet = sheetIn(story, tolvane44);
    expect(topFinding(sheet, stops)).toMatchObject({ by: 'wheel', tdcDeg: 2, correctionDeg: -2 });
    const found = topFinding(sheet, { arcMm: 100 });
    expect(found).toMatchObject({ by: 'rim', halfMm: 50 });
    const dia = tolvane44.crank?.rimDiameter?.value ?? 0;
    expect(found.by === 'rim' && found.halfDeg).toBeCloseTo((50 / (Math.PI * dia)) * 360, 9);
  });

  it('gives no degrees where no rim is printed', () => {
    const { crank: _none, ...sheet } = averilQ4;
    expect(topFinding(sheet, { arcMm: 60 })).toEqual({ by: 'rim', halfMm: 30, halfDeg: null });
  });

  it('is not looked for on an engine that is not dead, nor with stops that tell nothing', () => {
    const live = openedFor(tolvane44, { kind: 'everything' });
    expect(refusalIn(live, tolvane44, 'top.found', stops)).toBe('crank-held');
    const alike = { stopForwardDeg: 30, stopBackDeg: 30 };
    expect(refusalIn(ready(), tolvane44, 'top.found', alike)).toBe('stops-tell-nothing');
    expect(refusalIn(ready(), tolvane44, 'top.found', stops)).toBeNull();
  });

  it('is marked once it is found, and again when it is found again', () => {
    const story = ready();
    const mark = { words: 'punch dot at the pointer' };
    expect(refusalIn(story, tolvane44, 'crank.marked', mark)).toBe('top-first');
    story.act('top.found', stops).act('crank.marked', mark);
    expect(stateOf(story).top.mark?.words).toBe(mark.words);
    story.act('top.found', stops);
    expect(stateOf(story).top.mark).toBeNull();
  });

  it('goes from the stop in to the stop out, and what another day found is not today’s', () => {
    const story = ready();
    const step = (readAgain = false) => topView(stateOf(story), readAgain).step;
    expect(step()).toBe('in');
    story.act('temporary-part.put-in', { part: 'stop-1', ...STOP });
    expect(step()).toBe('read');
    story.act('top.found', stops);
    expect(step()).toBe('mark');
    expect(step(true)).toBe('read');
    story.act('crank.marked', { words: 'punch dot' });
    expect(step()).toBe('out');
    story.act('temporary-part.taken-out', { part: 'stop-1' });
    expect(step()).toBe('done');
    story.act('temporary-part.put-in', { part: 'stop-2', ...STOP });
    expect(step()).toBe('read');
  });

  it('keeps the stop in the register until it is out', () => {
    const story = ready().act('temporary-part.put-in', { part: 'stop-1', ...STOP });
    expect(stopIn(stateOf(story))?.bars).toBe('start');
    story.act('temporary-part.taken-out', { part: 'stop-1' });
    expect(stopIn(stateOf(story))).toBeNull();
  });
});
