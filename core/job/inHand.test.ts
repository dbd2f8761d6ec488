import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { handOn } from './inHand';
import { sheetIn } from './tests/intake';
import { headDown, jobOf, lastAt, tobin, wren } from './tests/story';

const minutesAfter = (iso: string, minutes: number): string =>
  new Date(Date.parse(iso) + minutes * 60_000).toISOString();

const HEAD = { card: 'tighten', set: 'head' } as const;

describe('a card in hand', () => {
  const story = headDown();
  const sheet = sheetIn(story, tolvane44);
  const at = lastAt(story);

  it('is whoever’s did something on it last, within half an hour', () => {
    const hands = (minutes: number) =>
      handOn(jobOf(story).log, sheet, HEAD, minutesAfter(at, minutes));
    expect(hands(1)).toEqual({ by: tobin.id, at });
    expect(hands(31)).toBeUndefined();
  });

  it('passes to another by the first thing they do there', () => {
    const before = headDown();
    before.by(wren).act('run.marked', { run: { set: 'head', instance: '1', programme: 'main' } });
    const last = lastAt(before);
    expect(handOn(jobOf(before).log, sheet, HEAD, last)).toEqual({
      by: wren.id,
      at: last,
    });
  });
});
