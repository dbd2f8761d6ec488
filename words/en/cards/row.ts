import { list } from '../kit';

/** What is said of a row of parts at once. */
export const rowWords = {
  tapExceptions: 'Tap what it is not so on yet: it is left out.',
  leftOut: (names: readonly string[]) => `Left out: ${list(names)}.`,
  singly: 'One by one',
  so: 'It is so',
  lookFirst: 'Look at the drawing',
  tapNotGood: 'Tap on the drawing what is not good, then say it here.',
  numbered: (number: number, name: string) => `${number} · ${name}`,
  noneLeft: 'All are left out: nothing is said of any.',
  drawn: (inRow: readonly string[], leftOut: readonly string[], notGood: readonly string[]) =>
    [
      `In the row: ${inRow.length > 0 ? list(inRow) : 'none'}.`,
      leftOut.length > 0 && `Left out: ${list(leftOut)}.`,
      notGood.length > 0 && `Not good: ${list(notGood)}.`,
    ]
      .filter(Boolean)
      .join(' '),
} as const;
