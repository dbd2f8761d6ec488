type KeyList = readonly (readonly [keys: string, act: string])[];

/** What keys and pedal do, under `?`. */
export const keyWords = {
  title: 'Keys and pedal',
  onCard: 'On a card',
  cardKeys: [
    ['Space, Enter, PageDown', 'confirm'],
    ['Backspace', 'undo'],
    ['PageUp', 'look back'],
    ['digits', 'enter a reading'],
    ['R', 'say the act again'],
  ] as KeyList,
  anywhere: 'On any screen',
  anyKeys: [
    ['Tab, Shift Tab', 'to the next thing, or the one before'],
    ['Enter, Space', 'press it'],
    ['/', 'search a list'],
    ['Escape', 'put a slip away'],
    ['?', 'show or hide this list'],
  ] as KeyList,
  show: 'Show the keys',
  close: 'Close',
} as const;
