import { render, screen } from '@testing-library/react';
import { ringClock, type ClockRing, type RingClockInput } from '@cardinex/core/piston/ringClock';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { ClockDrawing } from './ClockDrawing';
import { CrankFor } from './CrankFor';
import { JobClock } from './JobClock';
import { PistonDrawing } from './PistonDrawing';

const RINGS: readonly (ClockRing & { name: string })[] = [
  { id: 'top', name: 'Top ring', kind: 'compression' },
  { id: 'second', name: 'Second ring', kind: 'compression' },
  { id: 'oil', name: 'Oil ring', kind: 'oil' },
  { id: 'spring', name: 'Spring', kind: 'expander' },
];

function clock(more: Partial<RingClockInput> = {}) {
  const input = { rule: 'even', pinDeg: 0, thrustDeg: 90, keepClearDeg: 20, ...more } as const;
  const found = ringClock({ rings: RINGS, ...input });
  return (
    <ClockDrawing
      rings={RINGS}
      found={found}
      thrustDeg={input.thrustDeg}
      keepClearDeg={input.keepClearDeg}
      towards="fan end"
    />
  );
}

const texts = (container: HTMLElement): string[] =>
  [...container.querySelectorAll('svg text')].map((text) => text.textContent);

describe('the crown as a clock', () => {
  it('says every gap in words, clockwise from the named end', () => {
    render(clock());
    expect(
      screen.getByRole('img', {
        name: 'Crown from above, fan end at the top, pin upright, thrust side at the right. Gaps, clockwise from the top: Top ring 30°, Second ring 150°, Oil ring 270°, Spring 90°.',
      }),
    ).toBeDefined();
  });

  it('an engine of the other hand has its thrust side at the left', () => {
    render(clock({ thrustDeg: 270 }));
    expect(screen.getByRole('img', { name: /thrust side at the left/ })).toBeDefined();
  });

  it('numbers each gap from the crown, and names pin, thrust side and end', () => {
    const { container } = render(clock());
    expect(texts(container)).toEqual(
      expect.arrayContaining(['1', '2', '3', '4', 'pin', 'thrust', 'fan end']),
    );
  });

  it('gaps at one place keep their numbers apart', () => {
    const { container } = render(clock({ rule: 'opposed' }));
    const places = [...container.querySelectorAll('svg text')]
      .filter((text) => /^\d$/.test(text.textContent))
      .map((text) => `${text.getAttribute('x') ?? ''} ${text.getAttribute('y') ?? ''}`);
    expect(new Set(places).size).toBe(places.length);
  });
});

describe('the gaps of an engine', () => {
  it('stand for the way it turns, by its own rule', () => {
    const { unmount } = render(<JobClock sheet={tolvane44} />);
    expect(
      screen.getByText(/Top ring at 30°, Second ring at 150°, Oil ring at 270°/),
    ).toBeDefined();
    unmount();
    render(<JobClock sheet={averilQ4} />);
    expect(screen.getByRole('img', { name: /propeller end at the top/ })).toBeDefined();
  });

  it('are not drawn where the sheet says nothing of them', () => {
    const { stagger: _, ...pistons } = tolvane44.pistons ?? {};
    const { container } = render(<JobClock sheet={{ ...tolvane44, pistons }} />);
    expect(container.querySelector('svg')).toBeNull();
  });
});

describe('the way of a piston', () => {
  it('is drawn and said: crown, rod and an offset pin', () => {
    const orientation = {
      crown: { mark: 'Arrow', towards: 'fan' as const },
      rod: { mark: 'Number', towards: 'anti-thrust' as const },
      pinOffset: 'thrust' as const,
      from: 'manual' as const,
      source: 'p. 33',
    };
    render(<PistonDrawing sheet={{ ...tolvane44, pistons: { orientation } }} />);
    expect(
      screen.getByRole('img', {
        name: 'Piston from above, the fan end at the top. Arrow towards the fan end. Number on the rod towards the side opposite the thrust side. Pin off the middle towards the thrust side.',
      }),
    ).toBeDefined();
  });

  it('an arrow to the other end points down', () => {
    const towards = (end: 'fan' | 'flywheel') => {
      const orientation = {
        crown: { mark: 'Arrow', towards: end },
        from: 'manual' as const,
        source: 'p. 33',
      };
      const { container, unmount } = render(
        <PistonDrawing sheet={{ ...tolvane44, pistons: { orientation } }} />,
      );
      const turned = container.querySelector('polygon')?.parentElement?.getAttribute('transform');
      unmount();
      return turned ?? '';
    };
    expect(towards('flywheel')).toContain('rotate(180');
    expect(towards('fan')).not.toContain('rotate(180');
  });
});

describe('the crank for a piston', () => {
  it('has its throw at the bottom, with the cylinder that shares it and the way along the rim', () => {
    render(<CrankFor sheet={tolvane44} cylinder={3} />);
    expect(
      screen.getByText(
        'Crank: its throw at the bottom, 0° after cylinder 1’s top (as cylinder 2).',
      ),
    ).toBeDefined();
  });

  it('for a cylinder that goes over its piston has the rod at the top', () => {
    render(<CrankFor sheet={averilQ4} cylinder={1} />);
    expect(screen.getByText(/^Crank: its rod at the top, 0° after cylinder 1/)).toBeDefined();
  });

  it('is not told without a firing order', () => {
    const { firing: _, ...silent } = tolvane44;
    const { container } = render(<CrankFor sheet={silent} cylinder={1} />);
    expect(container.textContent).toBe('');
  });
});
