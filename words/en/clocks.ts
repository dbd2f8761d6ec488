import type { CureBars } from '@cardinex/core/sheet/spec/joint';

/** What something under a piece has to set for. */
export const SETS_FOR: Readonly<Record<CureBars | 'close', string>> = {
  close: 'it is not ready to be closed',
  pull: 'it sets before it is pulled',
  fill: 'it cures before anything is filled',
  turn: 'it cures before the engine is turned over',
  run: 'it cures before the engine is run',
};

/** A clock as it stands on the card of its piece. */
export const clockWords = {
  closeBy: (time: string) => `Put it on by ${time}`,
  closeFrom: (time: string) => `Not put on before ${time}`,
  pullFrom: (time: string) => `Nipped and left: not pulled before ${time}`,
  tooLate: 'Its time is over',
  tooLateSays:
    'A skin has formed: it no longer seals. Wipe it off both faces, clean them, lay it anew.',
  wipedOff: 'Wiped off both faces',
  closeNow: 'It may be put on now.',
  cured: 'It has cured.',
  pullNow: 'It may be pulled now.',
  allTheSame: 'All the same',
  allTheSameTitle: 'Before its time?',
  why: 'Why?',
  needWhy: 'Say in a few words why: it stands in the record.',
} as const;
