import { goTo, type Place } from './placeStack';

const place = (address: string, scrolled = 0): Place => ({ address, scrolled, pressed: null });

describe('the screens left on the way', () => {
  it('are remembered going on, and come back to where each was left', () => {
    const board = place('/', 300);
    const tray = place('/jobs/1', 40);
    const on = goTo([], board, '/jobs/1');
    expect(on).toEqual({ stack: [board], back: null });
    const card = goTo(on.stack, tray, '/jobs/1/liners');
    expect(goTo(card.stack, place('/jobs/1/liners'), '/jobs/1')).toEqual({
      stack: [board],
      back: tray,
    });
  });

  it('are forgotten beyond the one that is come back to', () => {
    const left = [place('/'), place('/jobs/1'), place('/jobs/1/liners')];
    expect(goTo(left, place('/device'), '/')).toEqual({ stack: [], back: left[0] });
  });

  it('are new when a link leads to them that was not passed', () => {
    expect(goTo([place('/')], place('/tools'), '/sheets').back).toBeNull();
  });

  it('do not grow without end', () => {
    let stack: readonly Place[] = [];
    for (let n = 0; n < 50; n += 1) ({ stack } = goTo(stack, place(`/${n}`), `/${n + 1}`));
    expect(stack).toHaveLength(20);
    expect(stack.at(-1)?.address).toBe('/49');
  });
});
