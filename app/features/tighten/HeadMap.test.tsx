import type { BoltStatus } from '@cardinex/core/job/run/views';
import { render, screen } from '@testing-library/react';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { HeadMap } from './HeadMap';

const [found] = tolvane44.fastenedSets ?? [];
if (!found) throw new Error('no head');
const head = found;
const bolt = head.fasteners.find((f) => f.id === 'h1');
if (!bolt) throw new Error('no bolt 1');
const alone = { ...head, map: { ...head.map, bores: [] }, fasteners: [bolt] };

function shapesAt(status: BoltStatus, current = false, next = false): string[] {
  const { container, unmount } = render(
    <HeadMap
      set={alone}
      bolts={[{ id: 'h1', status }]}
      currentId={current ? 'h1' : null}
      nextId={next ? 'h1' : null}
      label="head"
    />,
  );
  const shapes = [...container.querySelectorAll('svg g *')]
    .filter((e) => !['g', 'text', 'tspan'].includes(e.tagName.toLowerCase()))
    .map((e) => e.tagName.toLowerCase() + (e.getAttribute('stroke-dasharray') ? ' dashed' : ''));
  unmount();
  return shapes;
}

describe('the head from above', () => {
  it('has a text equivalent', () => {
    render(<HeadMap set={head} bolts={[]} currentId={null} nextId={null} label="Done: 1, 2." />);
    expect(screen.getByRole('img', { name: 'Done: 1, 2.' })).toBeDefined();
  });

  it('keeps every number whatever its bolt’s standing', () => {
    const bolts = head.fasteners.map((f) => ({ id: f.id, status: 'done' as const }));
    const { container } = render(
      <HeadMap set={head} bolts={bolts} currentId="h7" nextId="h8" label="head" />,
    );
    const numbers = [...container.querySelectorAll('svg text')].map((t) => t.textContent);
    for (const fastener of head.fasteners) expect(numbers).toContain(fastener.number);
  });

  const STANDINGS: Readonly<Record<BoltStatus, true>> = {
    open: true,
    half: true,
    done: true,
    failed: true,
    contested: true,
    sweep: true,
  };

  it.each(Object.keys(STANDINGS) as BoltStatus[])(
    'draws a bolt that is %s, with its number',
    (status) => {
      const { container } = render(
        <HeadMap
          set={alone}
          bolts={[{ id: 'h1', status }]}
          currentId={null}
          nextId={null}
          label="head"
        />,
      );
      expect([...container.querySelectorAll('svg text')].map((t) => t.textContent)).toContain(
        bolt.number,
      );
    },
  );

  it('tells standings apart by shape, not by colour alone', () => {
    const looks = [
      shapesAt('open'),
      shapesAt('open', false, true),
      shapesAt('open', true),
      shapesAt('done'),
      shapesAt('half'),
      shapesAt('sweep'),
    ].map((shapes) => shapes.join(' '));
    expect(new Set(looks).size).toBe(looks.length);
    const points = (status: BoltStatus) => {
      const { container, unmount } = render(
        <HeadMap
          set={{ ...head, map: { ...head.map, bores: [] } }}
          bolts={[{ id: 'h1', status }]}
          currentId={null}
          nextId={null}
          label="head"
        />,
      );
      const drawn = [...container.querySelectorAll('polygon')].map((p) => p.getAttribute('points'));
      unmount();
      return drawn;
    };
    // A bolt that is not so is a triangle, where one to do is a hexagon.
    expect(new Set(points('failed')).size).toBe(2);
    expect(new Set(points('open')).size).toBe(1);
  });
});
