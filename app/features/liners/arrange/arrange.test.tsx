import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { asTheyAre } from '@cardinex/core/block/asTheyAre';
import { linerArrange } from '@cardinex/core/block/linerArrange';
import { setPreferences, setUnits } from '../../../device/preferences';
import { ArrangeAnswer } from './ArrangeAnswer';
import { MovesDrawing } from './MovesDrawing';
import type { WorkReply } from '../../../device/worker/serveWork';
import type { Arranged } from './arrange.worker';
import { startWorker } from './startWorker';
import { useArranged } from './useArranged';

jest.mock('./startWorker');

const block = (...standOuts: number[]): LinerArrangeInput => ({
  bores: standOuts.map((_, at) => ({ id: String(at + 1), counterboreMm: 8 })),
  liners: standOuts.map((mm, at) => ({ id: String(at + 1), flangeMm: 8 + mm })),
  shims: [],
  shimRequired: false,
  maxShims: 0,
  limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03 },
  rise: 'up',
});
const OUT_OF_ORDER = block(0.06, 0.1, 0.08, 0.11);

/** A worker that answers when the test says so. */
class Stand {
  static all: Stand[] = [];
  onmessage: ((event: { data: WorkReply<Arranged> }) => void) | null = null;
  onerror: (() => void) | null = null;
  asked: unknown = null;
  ended = false;

  postMessage(input: unknown): void {
    this.asked = input;
  }

  terminate(): void {
    this.ended = true;
  }

  reply(data: WorkReply<Arranged>): void {
    act(() => this.onmessage?.({ data }));
  }
}

beforeEach(() => {
  Stand.all = [];
  setPreferences({ member: 'someone' });
  setUnits({ length: 'mm' });
  jest.mocked(startWorker).mockImplementation(() => {
    const stand = new Stand();
    Stand.all.push(stand);
    return stand as unknown as Worker;
  });
});

function latest(): Stand {
  const stand = Stand.all.at(-1);
  if (!stand) throw new Error('no worker was started');
  return stand;
}

describe('placing liners beside the screen', () => {
  it('asks nothing until there is enough to work with', () => {
    const { result } = renderHook(() => useArranged(null));
    expect(result.current).toBeNull();
    expect(Stand.all).toHaveLength(0);
  });

  it('tells how far it is, then what it found', () => {
    const { result } = renderHook(() => useArranged(OUT_OF_ORDER));
    expect(latest().asked).toEqual(OUT_OF_ORDER);
    latest().reply({ share: 0.4 });
    expect(result.current).toMatchObject({ state: 'working', share: 0.4 });
    const arranged = { standing: asTheyAre(OUT_OF_ORDER), best: linerArrange(OUT_OF_ORDER) };
    latest().reply({ found: arranged });
    expect(result.current).toMatchObject({ state: 'done', found: { best: { feasible: true } } });
  });

  it('begins anew when a figure changes, and what was asked before is ended', () => {
    const { result, rerender } = renderHook(({ input }) => useArranged(input), {
      initialProps: { input: OUT_OF_ORDER },
    });
    const first = latest();
    rerender({ input: block(0.06, 0.08, 0.1, 0.11) });
    expect([first.ended, Stand.all.length]).toEqual([true, 2]);
    // A word that was still on its way belongs to what is no longer asked.
    first.reply({ share: 0.9 });
    expect(result.current).toMatchObject({ state: 'working', share: 0 });
  });

  it('stops when told to, and searches again when asked', () => {
    const { result } = renderHook(() => useArranged(OUT_OF_ORDER));
    const first = latest();
    act(() => {
      if (result.current?.state === 'working') result.current.cancel();
    });
    expect([result.current?.state, first.ended]).toEqual(['cancelled', true]);
    act(() => {
      if (result.current?.state === 'cancelled') result.current.again();
    });
    expect([result.current?.state, Stand.all.length]).toEqual(['working', 2]);
  });

  it('a figure that cannot be worked with comes back by its field; a worker that dies can be asked again', () => {
    const { result } = renderHook(() => useArranged(OUT_OF_ORDER));
    latest().reply({ fault: { field: 'liners', fault: { code: 'cannot-be-placed' } } });
    expect(result.current).toMatchObject({ state: 'fault', fault: { field: 'liners' } });
    act(() => latest().onerror?.());
    expect(result.current?.state).toBe('broke');
  });
});

describe('what was found', () => {
  const arranged = { standing: asTheyAre(OUT_OF_ORDER), best: linerArrange(OUT_OF_ORDER) };
  const bores = ['1', '2', '3', '4'];

  it('is drawn from old places to new, and said in words in the reader’s unit', () => {
    const { container, unmount } = render(<MovesDrawing bores={bores} {...arranged} />);
    expect(
      screen.getByRole('img', {
        name: /As they are: bore 1 liner 1 0\.06, bore 2 liner 2 0\.10, .* Best: bore 1 liner 1 0\.06, bore 2 liner 3 0\.08, bore 3 liner 2 0\.10/,
      }),
    ).toBeDefined();
    // An arrow's head for each that moves; a triangle for each that stands out of order now.
    expect(container.querySelectorAll('polygon').length).toBeGreaterThanOrEqual(4);
    unmount();
    setUnits({ length: 'thou' });
    render(<MovesDrawing bores={bores} {...arranged} />);
    expect(screen.getByRole('img', { name: /bore 1 liner 1 2\.4/ })).toBeDefined();
  });

  it('stands beside what they are now, each with its verdict', () => {
    render(<ArrangeAnswer bores={bores} arranging={{ state: 'done', found: arranged }} />);
    expect(screen.getByText('0.025 mm over its limits in all.')).toBeDefined();
    expect(screen.getByText(/Liner 3 to bore 2 and 2 to bore 3/)).toBeDefined();
  });

  it('while it is searched shows how far it is, with a way to stop', () => {
    const cancel = jest.fn();
    render(<ArrangeAnswer bores={bores} arranging={{ state: 'working', share: 0.25, cancel }} />);
    expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('25');
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(cancel).toHaveBeenCalled();
  });
});
