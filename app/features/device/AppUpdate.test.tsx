import { act, fireEvent, render, screen } from '@testing-library/react';
import { usePathname } from 'expo-router';
import { Workbox } from 'workbox-window';
import { AppUpdate } from './AppUpdate';

jest.mock('expo-router', () => ({ usePathname: jest.fn() }));
jest.mock('workbox-window', () => ({ Workbox: jest.fn() }));

const MINUTE_MS = 60_000;
const OFFER = 'A newer Cardinex is ready.';

/** The worker as the page sees it: what is asked of it, and what it announces. */
function aWorker() {
  const listeners = new Map<string, () => void>();
  const worker = {
    register: jest.fn(() => Promise.resolve()),
    update: jest.fn(() => Promise.reject(new Error('no network'))),
    messageSkipWaiting: jest.fn(),
    addEventListener: (name: string, listener: () => void) => listeners.set(name, listener),
  };
  jest.mocked(Workbox).mockImplementation(() => worker as unknown as Workbox);
  return { ...worker, announce: (name: string) => act(() => listeners.get(name)?.()) };
}

const at = (path: string): void => void jest.mocked(usePathname).mockReturnValue(path);

beforeEach(() => {
  jest.useFakeTimers();
  Object.defineProperty(navigator, 'serviceWorker', { configurable: true, value: {} });
});
afterEach(() => jest.useRealTimers());

describe('a newer app', () => {
  it('is offered once it has been fetched, and taken when the offer is', () => {
    const worker = aWorker();
    at('/');
    render(<AppUpdate />);
    expect(worker.register).toHaveBeenCalledTimes(1);
    expect(screen.queryByText(OFFER)).toBeNull();
    worker.announce('waiting');
    expect(worker.messageSkipWaiting).not.toHaveBeenCalled();
    fireEvent.click(screen.getByText('Use it now'));
    expect(worker.messageSkipWaiting).toHaveBeenCalledTimes(1);
  });

  it('is not offered at a card, where hands are at work', () => {
    const worker = aWorker();
    at('/jobs/1/tighten');
    const { rerender } = render(<AppUpdate />);
    worker.announce('waiting');
    expect(screen.queryByText(OFFER)).toBeNull();
    at('/jobs/1');
    rerender(<AppUpdate />);
    expect(screen.queryByText(OFFER)).not.toBeNull();
  });

  it('is asked for when the app is looked at again, but not at every glance', () => {
    const worker = aWorker();
    at('/');
    render(<AppUpdate />);
    const look = (): void => void fireEvent(document, new Event('visibilitychange'));
    jest.advanceTimersByTime(MINUTE_MS);
    look();
    expect(worker.update).not.toHaveBeenCalled();
    jest.advanceTimersByTime(15 * MINUTE_MS);
    look();
    expect(worker.update).toHaveBeenCalledTimes(1);
    look();
    expect(worker.update).toHaveBeenCalledTimes(1);
  });
});
