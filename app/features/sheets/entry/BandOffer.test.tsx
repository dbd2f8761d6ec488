import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { engineSheetSchema } from '@cardinex/contract/sheets/engineSheet';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { getDraft, keepDraft } from '../drafts';
import { BandOffer, isGapNode } from './BandOffer';
import { DraftProvider } from './DraftContext';

jest.mock('../drafts', () => ({ getDraft: jest.fn(), keepDraft: jest.fn() }));

const at = ['overhead', 'clearances', 'exhaust', 'hot'];
const { figure } = tolvane44.overhead?.clearances?.exhaust?.hot ?? {};

/** The sheet with one gap printed without its least and most. */
const document = {
  ...tolvane44,
  overhead: {
    ...tolvane44.overhead,
    clearances: { ...tolvane44.overhead?.clearances, exhaust: { hot: { figure } } },
  },
};

it('a gap printed without least and most is offered ours, and can be published with them', async () => {
  jest.mocked(getDraft).mockResolvedValue({ id: 'one', document, changedAt: '' });
  const save = jest.mocked(keepDraft).mockResolvedValue();
  render(
    <DraftProvider id="one">
      <BandOffer path={at} />
    </DraftProvider>,
  );
  await act(() => Promise.resolve());
  expect(engineSheetSchema.safeParse(document).success).toBe(false);
  await userEvent.setup().click(screen.getByRole('button', { name: /^Not printed: take/ }));
  const stored = save.mock.lastCall?.[1];
  expect(engineSheetSchema.safeParse(stored).success).toBe(true);
  expect(stored).toMatchObject({
    overhead: {
      clearances: { exhaust: { hot: { low: { from: 'assumed' }, high: { from: 'assumed' } } } },
    },
  });
  expect(screen.queryByRole('button')).toBeNull();
});

it('is offered for gaps only', () => {
  const node = (required: string[]) =>
    ({ properties: { figure: {}, low: {}, high: {} }, required }) as never;
  expect(isGapNode(node(['figure', 'low', 'high']))).toBe(true);
  expect(isGapNode(node(['figure']))).toBe(false);
});
