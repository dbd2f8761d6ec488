import { act, fireEvent, render, screen } from '@testing-library/react';
import { InstallHint } from './InstallHint';

const TITLE = 'On this device’s home screen';

/** As a browser announces that it can ask. */
function announce(): { readonly prompt: jest.Mock } {
  const event = Object.assign(new Event('beforeinstallprompt'), { prompt: jest.fn() });
  act(() => void window.dispatchEvent(event));
  return event;
}

beforeEach(() => {
  window.matchMedia = jest.fn(() => ({ matches: false }) as MediaQueryList);
});

describe('the home screen', () => {
  it('is not spoken of where the browser cannot', () => {
    render(<InstallHint />);
    expect(screen.queryByText(TITLE)).toBeNull();
  });

  it('is offered once the browser can ask, and asked about when the offer is taken', () => {
    render(<InstallHint />);
    const { prompt } = announce();
    fireEvent.click(screen.getByText('Put it there'));
    expect(prompt).toHaveBeenCalledTimes(1);
    expect(screen.queryByText(TITLE)).toBeNull();
  });

  it('is explained where it is done by hand, and not where that has been done', () => {
    Object.defineProperty(navigator, 'standalone', { configurable: true, value: false });
    const { unmount } = render(<InstallHint />);
    expect(screen.queryByText(/share menu/)).not.toBeNull();
    unmount();
    Object.defineProperty(navigator, 'standalone', { configurable: true, value: true });
    render(<InstallHint />);
    expect(screen.queryByText(TITLE)).toBeNull();
    Reflect.deleteProperty(navigator, 'standalone');
  });

  it('can be put off', () => {
    const later = jest.fn();
    render(<InstallHint onLater={later} />);
    announce();
    fireEvent.click(screen.getByText('Not now'));
    expect(later).toHaveBeenCalledTimes(1);
  });
});
