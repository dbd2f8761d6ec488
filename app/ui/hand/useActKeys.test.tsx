import { fireEvent, render, screen } from '@testing-library/react';
import { handClock } from './handClock';
import { useActKeys } from './useActKeys';

function Card(keys: { confirm?: () => void; undo?: () => void; lookBack?: () => void }) {
  useActKeys(keys);
  return (
    <div>
      <input aria-label="words" />
      <input aria-label="reading" inputMode="decimal" />
      <div role="button" tabIndex={0}>
        Not so
      </div>
    </div>
  );
}

// jsdom knows the attribute but not the property.
Object.defineProperty(HTMLInputElement.prototype, 'inputMode', {
  configurable: true,
  get(this: HTMLInputElement) {
    return this.getAttribute('inputmode') ?? '';
  },
});

const body = () => document.body;
let clock = 0;

beforeEach(() => {
  handClock.now = () => clock;
});

/** A key pressed a good second after the last one. */
function press(target: Element, key: string, more: object = {}): void {
  clock += 1000;
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
  Object.defineProperty(event, 'timeStamp', { value: clock });
  fireEvent(target, event);
}

describe('keys and pedal on a card', () => {
  it.each([' ', 'Enter', 'PageDown'])('%p confirms', (key) => {
    const confirm = jest.fn();
    render(<Card confirm={confirm} />);
    press(body(), key);
    expect(confirm).toHaveBeenCalledTimes(1);
  });

  it('Backspace undoes and PageUp looks back, and neither confirms', () => {
    const acts = { confirm: jest.fn(), undo: jest.fn(), lookBack: jest.fn() };
    render(<Card {...acts} />);
    press(body(), 'Backspace');
    press(body(), 'PageUp');
    expect([acts.undo, acts.lookBack, acts.confirm].map((f) => f.mock.calls.length)).toEqual([
      1, 1, 0,
    ]);
  });

  it('a key held down confirms once, whatever has the focus', () => {
    const confirm = jest.fn();
    render(<Card confirm={confirm} />);
    press(body(), ' ');
    press(body(), ' ', { repeat: true });
    press(screen.getByRole('button'), ' ', { repeat: true });
    expect(confirm).toHaveBeenCalledTimes(1);
  });

  it('a pedal that bounces confirms once', () => {
    const confirm = jest.fn();
    render(<Card confirm={confirm} />);
    press(body(), 'PageDown');
    clock -= 900;
    press(body(), 'PageDown');
    expect(confirm).toHaveBeenCalledTimes(1);
    press(body(), 'PageDown');
    expect(confirm).toHaveBeenCalledTimes(2);
  });

  it('a reading sent where none is asked for confirms nothing', () => {
    const confirm = jest.fn();
    render(<Card confirm={confirm} />);
    for (const key of ['0', '.', '4', '2', 'Enter']) {
      press(body(), key);
      clock -= 990;
    }
    expect(confirm).not.toHaveBeenCalled();
    clock += 990;
    press(body(), 'Enter');
    expect(confirm).toHaveBeenCalledTimes(1);
  });

  it('keys typed into a field or on another button are not the card’s', () => {
    const acts = { confirm: jest.fn(), undo: jest.fn() };
    render(<Card {...acts} />);
    press(screen.getByLabelText('words'), 'Backspace');
    press(screen.getByLabelText('words'), ' ');
    press(screen.getByLabelText('reading'), 'Enter');
    press(screen.getByRole('button'), 'Enter');
    expect(acts.confirm).not.toHaveBeenCalled();
    expect(acts.undo).not.toHaveBeenCalled();
  });

  it('Backspace in the empty field for a reading undoes, but not in the flow of rubbing out', () => {
    const undo = jest.fn();
    render(<Card undo={undo} />);
    const field = screen.getByLabelText<HTMLInputElement>('reading');
    field.value = '0.4';
    press(field, 'Backspace');
    expect(undo).not.toHaveBeenCalled();
    field.value = '';
    clock -= 800;
    press(field, 'Backspace');
    expect(undo).not.toHaveBeenCalled();
    clock += 1000;
    press(field, 'Backspace');
    expect(undo).toHaveBeenCalledTimes(1);
  });

  it('Space confirms from the empty field for a reading; behind a figure it may be part of one', () => {
    const confirm = jest.fn();
    render(<Card confirm={confirm} />);
    const field = screen.getByLabelText<HTMLInputElement>('reading');
    press(field, ' ');
    expect(confirm).toHaveBeenCalledTimes(1);
    field.value = '1';
    press(field, ' ');
    expect(confirm).toHaveBeenCalledTimes(1);
  });

  it('a pedal confirms wherever the focus is', () => {
    const confirm = jest.fn();
    render(<Card confirm={confirm} />);
    press(screen.getByRole('button'), 'PageDown');
    expect(confirm).toHaveBeenCalledTimes(1);
  });

  it('a tapped button lets go of the keys, so that the pedal does not press it again', () => {
    const confirm = jest.fn();
    render(<Card confirm={confirm} />);
    const button = screen.getByRole('button');
    button.focus();
    fireEvent.click(button, { detail: 1 });
    expect(document.activeElement).toBe(document.body);
    press(document.activeElement ?? body(), ' ');
    expect(confirm).toHaveBeenCalledTimes(1);
  });

  it.each([' ', 'Enter', 'PageDown', 'Backspace'])(
    '%p does nothing while something lies over the card, wherever the focus is',
    (key) => {
      const acts = { confirm: jest.fn(), undo: jest.fn() };
      render(<Card {...acts} />);
      const slip = document.body.appendChild(document.createElement('dialog'));
      slip.setAttribute('open', '');
      press(body(), key);
      press(slip, key);
      slip.remove();
      expect(acts.confirm).not.toHaveBeenCalled();
      expect(acts.undo).not.toHaveBeenCalled();
    },
  );

  it('Backspace that bounces takes back one act', () => {
    const undo = jest.fn();
    render(<Card undo={undo} />);
    press(body(), 'Backspace');
    clock -= 900;
    press(body(), 'Backspace');
    expect(undo).toHaveBeenCalledTimes(1);
  });

  it('leaves the browser its own shortcuts', () => {
    const acts = { confirm: jest.fn(), undo: jest.fn() };
    render(<Card {...acts} />);
    press(body(), 'Enter', { ctrlKey: true });
    press(body(), 'Backspace', { altKey: true });
    expect(acts.confirm).not.toHaveBeenCalled();
    expect(acts.undo).not.toHaveBeenCalled();
  });
});
