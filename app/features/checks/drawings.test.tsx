import { render, screen } from '@testing-library/react';
import { act } from 'react';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { setPreferences, setUnits } from '../../device/preferences';
import { BoreDrawing } from './BoreDrawing';
import { StraightedgeDrawing } from './StraightedgeDrawing';

const map = tolvane44.fastenedSets?.[0]?.map;

beforeEach(() => {
  setPreferences({ member: 'someone' });
  setUnits({ length: 'mm' });
});

function texts(container: HTMLElement): string[] {
  return [...container.querySelectorAll('svg text')].map((text) => text.textContent);
}

describe('a head with its straightedge lines', () => {
  const readings = [
    { line: 'long', gapMm: 0.12 },
    { line: 'cross', gapMm: 0.03 },
  ] as const;

  it('says of every line what was read, or that it was not, and where cylinder 1 is', () => {
    render(<StraightedgeDrawing readings={readings} limitMm={0.05} map={map} />);
    expect(
      screen.getByRole('img', {
        name: 'Head face from below, cylinder 1 at the left, with four straightedge lines: along 0.12 mm, across 0.03 mm, first diagonal not read, second diagonal not read.',
      }),
    ).toBeDefined();
  });

  it('says it in the reader’s unit', () => {
    act(() => setUnits({ length: 'thou' }));
    render(<StraightedgeDrawing readings={readings} limitMm={0.05} />);
    expect(screen.getByRole('img', { name: /along 4.7 thou/ })).toBeDefined();
  });

  it('tells unread, within and over the limit apart without colour', () => {
    const { container } = render(<StraightedgeDrawing readings={readings} limitMm={0.05} />);
    const lines = [...container.querySelectorAll('svg line')];
    const dashes = lines.map((line) => line.getAttribute('stroke-dasharray') ?? 'whole');
    expect(dashes).toEqual(['10 5', 'whole', '2 5', '2 5']);
  });

  it('at its limit is within: limits are inclusive', () => {
    const { container } = render(
      <StraightedgeDrawing readings={[{ line: 'long', gapMm: 0.05 }]} limitMm={0.05} />,
    );
    expect(container.querySelector('svg line')?.getAttribute('stroke-dasharray')).toBeNull();
  });

  it('numbers the cylinders it lies under', () => {
    const { container } = render(<StraightedgeDrawing readings={[]} limitMm={0.05} map={map} />);
    expect(texts(container)).toEqual(['1', '2', '3', '4']);
  });
});

describe('a bore in section', () => {
  const unread = [null, null] as const;

  it('shows both readings of a height, and a dash for what has not been read', () => {
    const { container } = render(
      <BoreDrawing
        readingsMm={{ top: [105.04, 105.02], middle: [105.01, null], bottom: unread }}
        nominalMm={105}
        label="Cylinder 2."
      />,
    );
    expect(texts(container)).toEqual(['105.04 / 105.02', '105.01 / –', '– / –']);
    expect(screen.getByRole('img', { name: /Cylinder 2/ })).toBeDefined();
  });

  it('draws its walls through the heights read, wider where it is worn', () => {
    const wall = (top: number): number => {
      const { container, unmount } = render(
        <BoreDrawing
          readingsMm={{ top: [top, top], middle: [105, 105], bottom: [105, 105] }}
          nominalMm={105}
          label=""
        />,
      );
      const path = [...container.querySelectorAll('svg path')].at(-1)?.getAttribute('d') ?? '';
      unmount();
      return Number(/^M([\d.]+)/.exec(path)?.[1]);
    };
    expect(wall(105.1)).toBeGreaterThan(wall(105));
  });

  it('with nothing read draws no wall and breaks on nothing', () => {
    const { container } = render(
      <BoreDrawing
        readingsMm={{ top: unread, middle: unread, bottom: unread }}
        nominalMm={105}
        label=""
      />,
    );
    expect(container.innerHTML).not.toContain('NaN');
  });
});
