import { fireEvent, render, screen } from '@testing-library/react';
import { linerCheck } from '@cardinex/core/block/linerCheck';
import { setPreferences, setUnits } from '../../device/preferences';
import { BlockPlan } from './BlockPlan';

const check = linerCheck({
  bores: [
    { id: '1', readingsMm: [0.06, 0.06] },
    { id: '2', readingsMm: [0.2, 0.2] },
  ],
  limits: { lowMm: 0.05, highMm: 0.12 },
  rise: 'none',
});

beforeEach(() => {
  setPreferences({ member: 'someone' });
  setUnits({ length: 'mm' });
});

describe('the block from above', () => {
  it('says every height in words, in the reader’s unit', () => {
    const plan = <BlockPlan bores={['1', '2', '3']} check={check} current="3" onPress={() => {}} />;
    const { unmount } = render(plan);
    expect(
      screen.getByRole('img', {
        name: 'Block seen from above, cylinder 1 at the left. Liner 1 0.06 mm. Liner 2 0.20 mm. Liner 3 not read',
      }),
    ).toBeDefined();
    unmount();
    setUnits({ length: 'thou' });
    render(plan);
    expect(screen.getByRole('img', { name: /Liner 1 2.4 thou. Liner 2 7.9 thou/ })).toBeDefined();
  });

  it('marks the one that is out by a shape of its own', () => {
    const { container } = render(
      <BlockPlan bores={['1', '2']} check={check} current={null} onPress={() => {}} />,
    );
    expect(container.querySelectorAll('polygon')).toHaveLength(1);
    expect(container.querySelectorAll('path')).toHaveLength(1);
  });

  it('takes a tap on a liner', () => {
    const onPress = jest.fn();
    const { container } = render(
      <BlockPlan bores={['1', '2']} check={check} current={null} onPress={onPress} />,
    );
    const second = [...container.querySelectorAll('svg text')].find((t) => t.textContent === '2');
    if (second) fireEvent.click(second);
    expect(onPress).toHaveBeenCalledWith('2');
  });
});
