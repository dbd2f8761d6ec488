import type { Printed } from '@cardinex/core/job/facts/shown';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { setPreferences, setUnits } from '../../device/preferences';
import { Ask } from '../../ui/Ask';
import { RefusalLine, RefusalProvider } from '../../ui/Refusal';
import { ReadingEntry, useReadingField } from './ReadingEntry';

type Kept = [mm: number, printed: Printed, far: boolean];

function Entry({
  onRead,
  signed,
  isFar,
  standsMm,
}: {
  onRead: (...stored: Kept) => Promise<boolean>;
  signed?: boolean;
  isFar?: (mm: number) => boolean;
  standsMm?: number;
}) {
  const entry = useReadingField();
  return (
    <>
      <ReadingEntry
        label="Liner 1"
        reachMm={2}
        signed={signed ?? false}
        beyond={(value, reach) => `${value} is beyond ${reach}`}
        {...(isFar && { isFar })}
        {...(standsMm !== undefined && { standsMm })}
        onRead={onRead}
        entry={entry}
      />
      {entry.asked ? <Ask asked={entry.asked} /> : <RefusalLine />}
    </>
  );
}

function open(
  options: {
    accept?: boolean;
    signed?: boolean;
    isFar?: (mm: number) => boolean;
    standsMm?: number;
    writing?: Promise<boolean>;
  } = {},
) {
  const stored: Kept[] = [];
  const onRead = async (...list: Kept): Promise<boolean> => {
    stored.push(list);
    return options.writing ?? options.accept ?? true;
  };
  const { accept: _, writing: __, ...given } = options;
  render(<Entry onRead={onRead} {...given} />, { wrapper: RefusalProvider });
  return {
    kept: stored,
    field: screen.getByTestId<HTMLInputElement>('reading'),
    user: userEvent.setup(),
  };
}

beforeEach(() => {
  setPreferences({ member: 'someone' });
  setUnits({ length: 'mm' });
});

describe('a reading', () => {
  it('sent by a gauge as digits and Enter is kept, and the field stands empty for the next', async () => {
    const { kept, field, user } = open();
    await user.keyboard('0.08{Enter}');
    expect(kept).toEqual([[0.08, { text: '0.08', unit: 'mm' }, false]]);
    expect(field.value).toBe('');
    await user.keyboard('0,11{Enter}');
    expect(kept[1]).toEqual([0.11, { text: '0,11', unit: 'mm' }, false]);
  });

  it('sent while the last is still being written is the next one, none lost and none run together', async () => {
    const stored: Kept[] = [];
    const written: (() => void)[] = [];
    const onRead = (...list: Kept): Promise<boolean> => {
      stored.push(list);
      return new Promise((done) => written.push(() => done(true)));
    };
    render(<Entry onRead={onRead} />, { wrapper: RefusalProvider });
    const field = screen.getByTestId<HTMLInputElement>('reading');
    const user = userEvent.setup();
    await user.keyboard('0.08{Enter}0.11{Enter}');
    expect(stored.map(([mm]) => mm)).toEqual([0.08]);
    expect(field.value).toBe('0.11');
    await act(async () => {
      written[0]?.();
      await new Promise((done) => setTimeout(done, 5));
    });
    expect(stored.map(([mm]) => mm)).toEqual([0.08, 0.11]);
    await act(async () => written[1]?.());
    expect(field.value).toBe('');
  });

  it('in thou is kept as typed beside its millimetres', async () => {
    act(() => setUnits({ length: 'thou' }));
    const { kept, user } = open();
    await user.keyboard('3.5{Enter}');
    expect(kept[0]?.[0]).toBeCloseTo(0.0889, 10);
    expect(kept[0]?.[1]).toEqual({ text: '3.5', unit: 'thou' });
  });

  it.each([
    ['0.o8', 'digits with one comma or point'],
    ['1.234,5', 'one decimal mark only'],
    ['40', '40 mm is beyond 2.00 mm'],
    ['', 'Type the reading first'],
  ])('of %p is not kept, and what would be right is said above the button', async (typed, text) => {
    const { kept, field, user } = open();
    await user.type(field, `${typed}{Enter}`);
    expect(kept).toEqual([]);
    expect(screen.getByRole('alert').textContent).toContain(text);
    expect(field.value).toBe(typed);
  });

  it('that was not accepted stays in the field', async () => {
    const { field, user } = open({ accept: false });
    await user.keyboard('0.08{Enter}');
    expect(field.value).toBe('0.08');
  });

  it('below the deck gets its sign from a key, because number pads have none', async () => {
    const { kept, user } = open({ signed: true });
    await user.keyboard('0.03');
    await user.click(screen.getByRole('button', { name: '±' }));
    await user.click(screen.getByTestId('reading'));
    await user.keyboard('{Enter}');
    expect(kept[0]?.[0]).toBe(-0.03);
  });
});

describe('a reading far from its fellows', () => {
  const isFar = (mm: number): boolean => mm > 0.5;

  it('is asked about, and kept as far only once it is said to be so', async () => {
    const { kept, field, user } = open({ isFar });
    await user.keyboard('0.9{Enter}');
    expect(kept).toEqual([]);
    expect(screen.getByTestId('far').textContent).toContain('0.90 mm is far from its fellows.');
    // A gauge that sends Enter twice has not answered.
    await user.keyboard('{Enter}');
    expect(kept).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'It is so: keep it' }));
    expect(kept).toEqual([[0.9, { text: '0.9', unit: 'mm' }, true]]);
    expect(field.value).toBe('');
    expect(screen.queryByTestId('far')).toBeNull();
  });

  it('is asked about until it is written down, so that nobody leaves before it is', async () => {
    let written: (stored: boolean) => void = () => undefined;
    const writing = new Promise<boolean>((resolve) => {
      written = resolve;
    });
    const { user } = open({ isFar, writing });
    await user.keyboard('0.9{Enter}');
    await user.click(screen.getByRole('button', { name: 'It is so: keep it' }));
    expect(screen.getByTestId('far').textContent).toContain('0.90 mm is far from its fellows.');
    await act(async () => written(true));
    expect(screen.queryByTestId('far')).toBeNull();
  });

  it('is read again with an empty field, and one near the others is not asked about', async () => {
    const { kept, field, user } = open({ isFar });
    await user.keyboard('0.9{Enter}');
    await user.click(screen.getByRole('button', { name: 'Read again' }));
    expect(field.value).toBe('');
    await user.keyboard('0.09{Enter}');
    expect(kept).toEqual([[0.09, { text: '0.09', unit: 'mm' }, false]]);
  });

  it('that is to take the place of another is asked about too, first', async () => {
    const { kept, user } = open({ isFar, standsMm: 0.08 });
    await user.keyboard('0.9{Enter}');
    expect(kept).toEqual([]);
    expect(screen.getByTestId('stands').textContent).toContain(
      'Liner 1 reads 0.08 mm. Put 0.90 mm there?',
    );
    await user.click(screen.getByRole('button', { name: 'Replace it' }));
    expect(kept).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'It is so: keep it' }));
    expect(kept).toEqual([[0.9, { text: '0.9', unit: 'mm' }, true]]);
  });

  it('leaves what stands where it is, when that is the answer', async () => {
    const { kept, field, user } = open({ standsMm: 0.08 });
    await user.keyboard('0.11{Enter}{Enter}');
    expect(kept).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Leave it as it is' }));
    expect([kept, field.value, screen.queryByTestId('stands')]).toEqual([[], '', null]);
  });

  it('typed anew is a new reading', async () => {
    const { kept, user } = open({ isFar });
    await user.keyboard('0.9{Enter}');
    await user.keyboard('{Backspace}1{Enter}');
    expect(kept).toEqual([[0.1, { text: '0.1', unit: 'mm' }, false]]);
  });
});
