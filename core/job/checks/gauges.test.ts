import { demoSheets } from '@cardinex/demo/sheets/all';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { bearingsDone } from '@cardinex/demo/frameStory';
import type { Storyteller } from '@cardinex/demo/storyteller';
import type { ActData } from '../act';
import { allGood, apart, madeDead, openedFor, refusalIn, sheetIn, stripped } from '../tests/intake';
import { stateOf } from '../tests/story';
import { scopedSheet } from '../scope';
import { scopesFor } from '../plan/scopeChoices';
import { allChecks, checkOf } from './allChecks';
import { findingOf } from './findings';
import { mayBeNotHere } from './notHere';
import { readingOf, seenOf } from './state';
import { checkView } from './view';

const EVERYTHING = { kind: 'everything' } as const;

/** All apart on an engine with dry liners, its bores washed: the shells are next. */
const shells = (): Storyteller => {
  const story = apart(quillon5c, EVERYTHING);
  allGood(story, quillon5c, 'bores');
  return story;
};

const view = (story: Storyteller, id: string) => {
  const sheet = sheetIn(story, story.sheet);
  const check = checkOf(sheet, id);
  if (!check) throw new Error(`no check ${id}`);
  return checkView(sheet, stateOf(story).checks, check);
};

describe('a gauge that was set to a size', () => {
  const shown = (mm: number, divisions: number): ActData['check.read'] => ({
    check: 'bores',
    item: '1',
    place: 'top-along',
    mm,
    printed: { text: String(mm), unit: 'mm' },
    deviation: { set: { text: '104.00', unit: 'mm' }, setMm: 104, divisionMm: 0.01, divisions },
  });

  it('is read by what it shows, and keeps both', () => {
    const story = stripped(madeDead(openedFor(tolvane44, EVERYTHING), tolvane44), tolvane44);
    const bore = (tolvane44.bore?.value ?? 0) + 0.03;
    const data = {
      ...shown(bore, 3),
      deviation: {
        set: { text: String(tolvane44.bore?.value), unit: 'mm' as const },
        setMm: tolvane44.bore?.value ?? 0,
        divisionMm: 0.01,
        divisions: 3,
      },
    };
    const mm = Math.round(bore * 1_000_000) / 1_000_000;
    expect(refusalIn(story, tolvane44, 'check.read', { ...data, mm })).toBeNull();
    story.act('check.read', { ...data, mm });
    const reading = readingOf(stateOf(story).checks, 'bores', '1', 'top-along');
    expect([reading?.mm, reading?.deviation?.divisions]).toEqual([mm, 3]);
  });

  it('whose reading is another than it showed is not believed', () => {
    const story = stripped(madeDead(openedFor(tolvane44, EVERYTHING), tolvane44), tolvane44);
    const size = tolvane44.bore?.value ?? 0;
    const data = { ...shown(size + 0.02, 3) };
    expect(refusalIn(story, tolvane44, 'check.read', data)).toBe('deviation-differs');
  });
});

describe('a clearance', () => {
  const read = (mm: number, more: Partial<ActData['check.read']> = {}): ActData['check.read'] => ({
    check: 'clearances/mains',
    item: '1',
    place: 'upright',
    mm,
    printed: { text: String(mm), unit: 'mm' },
    ...more,
  });

  it('is asked once the shells are in', () => {
    const sheet = scopedSheet(quillon5c, EVERYTHING);
    expect(checkOf(sheet, 'clearances/mains')?.card).toBe('shells');
    const ids = allChecks(sheet).map(({ id }) => id);
    expect(ids.indexOf('clearances/mains')).toBeGreaterThan(ids.indexOf('shells/mains'));
  });

  it('read by strip is judged as it is, without any size, and one reading is all of it', () => {
    const story = shells();
    story.act('check.read', read(0.07, { direct: true }));
    const { judged, read: places } = view(story, 'clearances/mains');
    expect(judged[0]).toMatchObject({
      verdict: 'within',
      finding: { kind: 'clearances', found: { smallestMm: 0.07, largestMm: 0.07 } },
    });
    expect(places).toBe(2);
    story.act('check.read', read(0.15, { direct: true }));
    expect(view(story, 'clearances/mains').judged[0]?.verdict).toBe('out');
  });

  it('itself is no size, and a size no clearance', () => {
    const story = shells();
    expect(refusalIn(story, quillon5c, 'check.read', read(75.05, { direct: true }))).toBe(
      'beyond-reach',
    );
    expect(refusalIn(story, quillon5c, 'check.read', read(0.07))).toBe('beyond-reach');
    const bore = { check: 'bores', item: '1', place: 'top-along', direct: true } as const;
    expect(refusalIn(story, quillon5c, 'check.read', read(0.07, bore))).toBe('no-clearance-here');
  });

  it('in the frame is the strip’s alone', () => {
    const story = stripped(
      madeDead(openedFor(tolvane44, { kind: 'in-frame' }), tolvane44),
      tolvane44,
    );
    bearingsDone(story, tolvane44, {
      until: (_, step) => step.kind === 'check' && step.view.check.kind === 'clearances',
    });
    const strip = { check: 'clearances/mains/1', item: '1' };
    const { place: _, ...bare } = read(0.07, strip);
    expect(refusalIn(story, tolvane44, 'check.read', bare)).toBe('no-clearance-here');
    expect(refusalIn(story, tolvane44, 'check.read', { ...bare, direct: true })).toBeNull();
    story.act('check.read', { ...bare, direct: true });
    const check = checkOf(sheetIn(story, tolvane44), strip.check);
    const found = check && findingOf(sheetIn(story, tolvane44), stateOf(story).checks, check, '1');
    expect(found).toMatchObject({ kind: 'clearances', found: { smallest: 'within' } });
  });
});

describe('what does not apply to an engine', () => {
  const look = { check: 'look/block', item: 'oil-cooler' } as const;
  const open = (): Storyteller =>
    stripped(madeDead(openedFor(castryV8, { kind: 'gasket' }), castryV8), castryV8);

  it('is said not to be here, with why, and counts as taken', () => {
    const story = open();
    expect(refusalIn(story, castryV8, 'check.not-here', { ...look, words: ' ' })).toBe(
      'words-needed',
    );
    const sheet = sheetIn(story, castryV8);
    const check = checkOf(sheet, look.check);
    if (!check) throw new Error('no look');
    const before = checkView(sheet, stateOf(story).checks, check).read;
    story.act('check.not-here', { ...look, words: 'no cooler on this build' });
    const after = checkView(sheet, stateOf(story).checks, check);
    expect([after.read, after.undecided]).toEqual([before + 1, []]);
    expect(seenOf(stateOf(story).checks, look.check, look.item)).toMatchObject({
      found: 'not-here',
      words: 'no cooler on this build',
    });
  });

  it('is asked again once that is taken back, and stands where it is read after all', () => {
    const story = open();
    story.act('check.not-here', { ...look, words: 'none' });
    const { id } = story.end().acts.at(-1) ?? { id: '' };
    story.act('struck', { target: id });
    expect(seenOf(stateOf(story).checks, look.check, look.item)).toBeUndefined();
    const bore = stripped(madeDead(openedFor(tolvane44, EVERYTHING), tolvane44), tolvane44);
    const place = { check: 'bores', item: '1', place: 'top-along' } as const;
    bore.act('check.not-here', { ...place, words: 'no gauge reaches it' });
    expect(view(bore, 'bores').read).toBe(1);
    bore.act('check.read', { ...place, mm: 104, printed: { text: '104', unit: 'mm' } });
    expect(seenOf(stateOf(bore).checks, 'bores', '1', 'top-along')).toBeUndefined();
  });

  it('is never what would hurt somebody or hide something', () => {
    for (const sheet of demoSheets)
      for (const kind of scopesFor(sheet))
        for (const check of allChecks(scopedSheet(sheet, { kind })))
          for (const place of check.places) {
            const grave =
              ['timing', 'in-bore', 'bearing', 'last-look', 'thrust'].includes(check.kind) ||
              ['on', 'let-down', 'flush', 'nothing-left'].includes(place);
            if (grave)
              expect([check.id, place, mayBeNotHere(check, place)]).toEqual([
                check.id,
                place,
                false,
              ]);
          }
    const story = shells();
    const piston = { check: 'in-bore', item: '1', place: 'cap-own', words: 'none' };
    expect(refusalIn(story, quillon5c, 'check.not-here', piston)).not.toBeNull();
  });
});
