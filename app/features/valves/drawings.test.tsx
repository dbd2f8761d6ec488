import { scopedSheet } from '@cardinex/core/job/scope';
import { CRANK_UNKNOWN } from '@cardinex/core/job/facts/crank';
import { NO_VALVES } from '@cardinex/core/job/facts/valves';
import { fireEvent, render, screen } from '@testing-library/react';
import { overheadView } from '@cardinex/core/job/cards/valves/view';
import { firingOf } from '@cardinex/core/sheet/overheadOf';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { CrankClock } from './barring/CrankClock';
import { ValveRow } from './ValveRow';

const clock = (
  atDeg: number | null,
  toDeg: number,
  barDeg: number | null,
  engine: { direction?: 'clockwise' | 'anticlockwise'; teeth?: number } = {},
) => (
  <CrankClock
    rotation={{ direction: engine.direction ?? 'clockwise', seenFrom: 'fan' }}
    crank={engine.teeth === undefined ? undefined : { ringGearTeeth: engine.teeth }}
    firing={firingOf(tolvane44)}
    atDeg={atDeg}
    toDeg={toDeg}
    barDeg={barDeg}
  />
);

function texts(container: HTMLElement): string[] {
  return [...container.querySelectorAll('svg text')].map((text) => text.textContent);
}

describe('the crank as a clock face', () => {
  it('says in words where it stands, how far to bar and which way', () => {
    render(clock(0, 360, 360));
    expect(
      screen.getByRole('img', {
        name: 'Crank clock seen from the fan end, turning clockwise. It stands at 0°. Bar 360° clockwise.',
      }),
    ).toBeDefined();
  });

  it('counts the way in teeth of the ring gear where the sheet has them', () => {
    const { container } = render(clock(0, 180, 180, { teeth: 132 }));
    expect(texts(container)).toContain('66 ring-gear teeth');
    const other = render(clock(0, 180, 180));
    expect(texts(other.container).some((text) => text.includes('teeth'))).toBe(false);
  });

  it('shows cylinders that share a dead centre at one mark', () => {
    const { container } = render(clock(0, 360, 360));
    expect(texts(container)).toEqual(expect.arrayContaining(['1 · 4', '2 · 3']));
  });

  it('names no distance while it is not known where the crank stands', () => {
    const { container } = render(clock(null, 0, null));
    expect(texts(container)).toContain('?');
    expect(container.querySelectorAll('svg path')).toHaveLength(0);
  });

  it('turns the other way for an engine of the other hand', () => {
    const sweeps = (['clockwise', 'anticlockwise'] as const).map((direction) => {
      const { container, unmount } = render(clock(0, 90, 90, { direction }));
      const path = container.querySelector('svg path')?.getAttribute('d') ?? '';
      unmount();
      return / A\S+ \S+ 0 0 ([01])/.exec(path)?.[1];
    });
    expect(sweeps).toEqual(['1', '0']);
  });
});

describe('the valves along the head', () => {
  const found = overheadView(
    scopedSheet(tolvane44, { kind: 'gasket' }),
    NO_VALVES,
    { ...CRANK_UNKNOWN, atDeg: 0 },
    'cold',
  );
  if (!found) throw new Error('no overhead');
  const view = found;
  const may = new Set(['E1', 'I1', 'I2', 'E3']);

  it('say both their numbers and whether they may be set here', () => {
    render(
      <ValveRow
        view={view}
        sheet={tolvane44}
        settable={may}
        current="E1"
        onPress={() => undefined}
        onAsk={() => undefined}
      />,
    );
    expect(
      screen.getByRole('button', { name: 'E1 1, valve 1 along the head, set here' }),
    ).toBeDefined();
    expect(
      screen.getByRole('button', { name: 'E2 4, valve 4 along the head, leave alone' }),
    ).toBeDefined();
  });

  it('can be chosen where they may be set, and asked about where they may not', () => {
    const [onPress, onAsk] = [jest.fn(), jest.fn()];
    render(
      <ValveRow
        view={view}
        sheet={tolvane44}
        settable={may}
        current="E1"
        onPress={onPress}
        onAsk={onAsk}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: /^I2/ }));
    fireEvent.click(screen.getByRole('button', { name: /^E4/ }));
    expect(onPress.mock.calls).toEqual([['I2']]);
    expect(onAsk.mock.calls).toEqual([['E4']]);
  });

  it('to be set, done and left alone differ in shape', () => {
    const shapes = (settable: Set<string>): string => {
      const { container, unmount } = render(
        <ValveRow view={view} sheet={tolvane44} settable={settable} current={null} />,
      );
      const [first] = container.querySelectorAll('svg');
      const drawn = [...(first?.querySelectorAll('circle, line, path') ?? [])]
        .map((e) => e.tagName + (e.getAttribute('stroke-dasharray') ?? ''))
        .join(' ');
      unmount();
      return drawn;
    };
    expect(shapes(may)).not.toBe(shapes(new Set()));
  });
});
