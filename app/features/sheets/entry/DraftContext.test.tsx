import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { getDraft, keepDraft } from '../drafts';
import { DraftProvider, useDraftValue } from './DraftContext';

jest.mock('../drafts', () => ({ getDraft: jest.fn(), keepDraft: jest.fn() }));

function Name() {
  const { value, change } = useDraftValue<string>(['name']);
  return (
    <input aria-label="Name" value={value ?? ''} onChange={({ target }) => change(target.value)} />
  );
}

const save = jest.mocked(keepDraft);

beforeEach(() => {
  jest.mocked(getDraft).mockResolvedValue({ id: 'one', document: {}, changedAt: '' });
  save.mockReset().mockResolvedValue();
});

describe('a sheet typed on a device that cannot write it down', () => {
  it('says so, keeps what was typed on the screen, and stops saying so once it is written', async () => {
    save.mockRejectedValueOnce(new DOMException('no room', 'QuotaExceededError'));
    render(
      <DraftProvider id="one">
        <Name />
      </DraftProvider>,
    );
    await act(() => Promise.resolve());
    const user = userEvent.setup();
    const field = screen.getByLabelText<HTMLInputElement>('Name');
    await user.type(field, 'M');
    expect(screen.getByTestId('unwritten').textContent).toContain('Not written down');
    expect(field.value).toBe('M');
    await user.type(field, '3');
    expect(screen.queryByTestId('unwritten')).toBeNull();
    expect(save.mock.lastCall?.[1]).toMatchObject({ name: 'M3' });
  });
});
