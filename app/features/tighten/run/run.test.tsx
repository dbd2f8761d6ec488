import { render, renderHook, screen, act as settle } from '@testing-library/react';
import type { TightenAct } from '@cardinex/core/tightening/tightenPlan';
import { METRIC } from '@cardinex/words/quantity';
import { GroupMap } from '../../covering/GroupMap';
import { Protractor } from './Protractor';
import { traceFault } from './target';
import { judged, reachedKind, useReached } from './useReached';
import { clock } from '../../../ui/wait/useWait';

const pull = (more: Partial<TightenAct> = {}): TightenAct => ({
  key: 'head/1/main/1/s1/h1',
  cycle: '1',
  stage: 's1',
  fastener: 'h1',
  kind: 'torque',
  nm: 45,
  ...more,
});

describe('what is typed beside a pull', () => {
  it('goes with the kind of the pull', () => {
    expect(reachedKind(pull(), false)).toBe('torque');
    expect(reachedKind(pull({ kind: 'angle', deg: 90 }), false)).toBe('angle');
    expect(reachedKind(pull({ kind: 'hydraulic' }), true)).toBe('holes');
    expect(reachedKind(pull({ kind: 'hydraulic' }), false)).toBeNull();
    expect(reachedKind(pull({ kind: 'slacken' }), true)).toBeNull();
  });

  it('within the band it is kept, beyond it says which way, with what is known', () => {
    expect(judged(pull(), 'torque', 45.9, METRIC)).toEqual({ ok: true, nm: 45.9 });
    expect(judged(pull(), 'torque', 30, METRIC)).toEqual({
      ok: false,
      fault: 'did-not-reach',
      says: 'reached 30 N·m',
    });
    expect(judged(pull(), 'torque', 30, { ...METRIC, torque: 'lbf·ft' })).toMatchObject({
      says: 'reached 22.1 lbf·ft',
    });
    expect(judged(pull({ kind: 'angle', deg: 90 }), 'angle', 100, METRIC)).toMatchObject({
      ok: false,
      fault: 'over',
    });
  });

  it('is read in the reader’s unit, comma or point, and forgotten with the next act', () => {
    const { result, rerender } = renderHook(
      ({ of }: { of: TightenAct }) =>
        useReached(of, 'torque', { ...METRIC, torque: 'lbf·ft' as const }),
      { initialProps: { of: pull() } },
    );
    expect(result.current.read()).toBeNull();
    settle(() => result.current.setText('33,2'));
    expect(result.current.read()).toMatchObject({ ok: true, nm: expect.closeTo(45.01, 1) });
    settle(() => result.current.setText('3x'));
    expect(result.current.read()).toEqual({ ok: false, says: 'Digits with one comma or point.' });
    rerender({ of: pull({ key: 'head/1/main/1/s1/h2' }) });
    expect(result.current.text).toBe('');
  });
});

describe('the trace of a pull', () => {
  const straight = Array.from({ length: 40 }, (_, deg) => ({ deg, nm: deg * 1.2 }));

  it('sound says nothing; bottomed says so in words to keep', () => {
    expect(traceFault(pull(), straight)).toBeNull();
    const knee = straight.map(({ deg, nm }) => ({
      deg,
      nm: deg < 25 ? nm / 2 : 15 + (deg - 25) * 3,
    }));
    expect(traceFault(pull(), knee)).toMatchObject({
      fault: 'moved-early',
      says: expect.stringContaining('It bottomed'),
    });
  });

  it('a few samples, or a turn, are not judged by their shape', () => {
    expect(traceFault(pull(), straight.slice(0, 5))).toBeNull();
    expect(traceFault(pull({ kind: 'angle', deg: 90 }), straight)).toBeNull();
  });
});

it('a turn is drawn from its mark, and says how far it is', () => {
  const { rerender } = render(<Protractor deg={90} turned={null} />);
  expect(
    screen.getAllByRole('img', { name: 'Turn 90 degrees clockwise from the mark.' }),
  ).toHaveLength(1);
  rerender(<Protractor deg={90} turned={42.4} />);
  expect(screen.getAllByRole('img', { name: /Turned 42\.$/ })).toHaveLength(1);
});

it.each([
  [900_000, '15:00'],
  [61_000, '1:01'],
  [500, '0:01'],
  [0, '0:00'],
])('%s ms are %s', (ms, text) => {
  expect(clock(ms)).toBe(text);
});

it('lengths are told on the map by letter and by number, and what goes on their threads', () => {
  const group = (id: string, name: string, kind: string) =>
    ({ id, name, treatment: { kind } }) as never;
  const fasteners = ['1', '2', '3'].map((number, at) => ({
    id: `f${number}`,
    number,
    xMm: 60 * at,
    yMm: 0,
    group: at === 1 ? 'short' : 'long',
  }));
  const set = {
    instances: ['1'],
    map: { widthMm: 200, heightMm: 80, seenFrom: 'from above' },
    groups: [group('long', 'Long bolts', 'oil'), group('short', 'Short bolts', 'sealant')],
    fasteners,
  } as never;
  render(<GroupMap set={set} end="fan" />);
  expect(
    screen.getAllByRole('img', {
      name: /A, Long bolts: 1, 3\. B, Short bolts: 2\. Oil: 1 and 3\. Sealant: 2\./,
    }),
  ).toHaveLength(1);
  expect(screen.getAllByText('sealant')).toHaveLength(1);
});
