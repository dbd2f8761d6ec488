import { scopedSheet } from './scope';
import { headNext } from '@cardinex/demo/intakeStory';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { Storyteller } from '@cardinex/demo/storyteller';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import type { EngineSheet } from '../sheet/engineSheet';
import { valueAtPlace } from '../sheet/place';
import { decide } from './decide';
import { layeredOn } from './differences';
import { redoOf } from './redo';
import { sheetOfJob } from './sheetOfJob';
import { trayOf } from './tray';
import type { ActData, ActType } from './act';
import { openedFor } from './tests/intake';
import {
  jobSheet,
  after,
  added,
  headDown,
  linersIn,
  opened,
  refusalOf,
  stateOf,
  tobin,
  lastAt,
  jobOf,
} from './tests/story';

const TREATMENT = '/fastenedSets/id=head/groups/id=long/treatment';
const LOW = '/liners/low';
const HEAT = '/fastenedSets/id=head/afterwards/about=after-heat';
const SETTLE = '/fastenedSets/id=head/afterwards/about=settle-and-check';

const mm = (text: string, value: number) => ({
  text,
  value,
  unit: 'mm',
  from: 'leaflet',
  source: 'Leaflet L7',
});
const treated = (sentence: string, kind = 'paste') => ({
  kind,
  says: sentence,
  from: 'leaflet',
  source: 'L7',
});
const demand = (about: string, does: 'do' | 'never') => ({
  about,
  demand: does,
  says: `${does} it`,
  from: 'leaflet',
  source: 'L8',
});

type Points = ActData['leaflet.entered']['points'];
const leaflet = (points: Points, id = 'l7'): ActData['leaflet.entered'] => ({
  leaflet: id,
  title: `Leaflet ${id}`,
  cameWith: 'bolts',
  points,
});

/** Why an act after a story would be refused on a sheet; null when it would not. */
function refusal<T extends ActType>(
  story: Storyteller,
  type: T,
  data: ActData[T],
  sheet: EngineSheet = tolvane44,
): string | null {
  const act = after(story, type, data);
  const member = { id: tobin.id, role: tobin.role, fresh: false };
  return refusalOf(decide(jobOf(story), act, { now: act.at, sheet, member }));
}

function card(story: Storyteller, name: string, sheet: EngineSheet = tolvane44) {
  const state = stateOf(story);
  return trayOf(sheet, state, lastAt(story)).find((entry) => entry.card === name);
}

const differences = (story: Storyteller, sheet: EngineSheet = tolvane44) =>
  layeredOn(sheet, stateOf(story).layers).differences;
const sheetNow = (story: Storyteller, sheet: EngineSheet = tolvane44) =>
  sheetOfJob(sheet, stateOf(story));

describe('a leaflet that came with the parts', () => {
  const group = tolvane44.fastenedSets?.[0]?.groups[0];
  const treatment = TREATMENT.replace('id=long', `id=${group?.id ?? ''}`);
  const paste = leaflet([{ at: treatment, to: treated('Paste and nothing else') }]);
  const takePaste = {
    places: [treatment],
    take: 'l7',
    among: ['sheet', 'l7'],
    words: 'New bolts, their leaflet holds',
  };

  it('that says what the sheet says changes nothing', () => {
    const low = tolvane44.liners && valueAtPlace(tolvane44, LOW);
    const story = linersIn().act('leaflet.entered', leaflet([{ at: LOW, to: low }]));
    expect(differences(story)).toMatchObject([{ place: LOW, standing: 'agrees' }]);
    expect(card(story, 'tighten')?.status).toBe('open');
  });

  it('that contradicts the sheet bars what depends on it, and nothing else, until someone decides', () => {
    const story = opened().act('leaflet.entered', paste);
    expect(differences(story)).toMatchObject([{ standing: 'open', stands: { by: 'sheet' } }]);
    expect(card(story, 'liners')?.status).toBe('open');
    expect(card(story, 'tighten')).toMatchObject({
      status: 'barred',
      needsAttention: true,
      reason: { code: 'differences-open', count: 1 },
    });
    expect(valueAtPlace(sheetNow(story), treatment)).toEqual(group?.treatment);
  });

  it('bars a run that had already begun, and gives it back where it was', () => {
    const story = linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 2);
    story.act('leaflet.entered', paste);
    expect(card(story, 'tighten')?.reason.code).toBe('differences-open');
    story.act('difference.decided', { ...takePaste, take: 'sheet' });
    expect(card(story, 'tighten')?.reason.code).toBe('bolt-next');
  });

  it('holds once decided for, from then on, with its source', () => {
    const story = linersIn().act('leaflet.entered', paste).act('difference.decided', takePaste);
    expect(differences(story)).toMatchObject([{ standing: 'decided', stands: { by: 'l7' } }]);
    expect(valueAtPlace(sheetNow(story), treatment)).toEqual(treated('Paste and nothing else'));
    expect(card(story, 'tighten')?.status).toBe('open');
  });

  it('names what was pulled under the treatment it puts aside', () => {
    const story = headDown().act('leaflet.entered', paste);
    const { state: decided } = added(jobOf(story), after(story, 'difference.decided', takePaste));
    const redo = redoOf(
      sheetNow(story),
      sheetOfJob(tolvane44, decided),
      stateOf(story),
      '2026-03-02T12:00:00Z',
    );
    expect(redo.treatments).toMatchObject([{ set: 'Head bolts', now: 'Paste and nothing else' }]);
  });

  it('is asked about again when another leaflet speaks at the same place', () => {
    const story = linersIn()
      .act('leaflet.entered', paste)
      .act('difference.decided', takePaste)
      .act('leaflet.entered', leaflet([{ at: treatment, to: treated('Dry', 'dry') }], 'l9'));
    expect(differences(story)).toMatchObject([{ standing: 'open', stands: { by: 'sheet' } }]);
    expect(refusal(story, 'difference.decided', takePaste)).toBe('others-spoke');
    const seen = { ...takePaste, take: 'l9', among: ['sheet', 'l7', 'l9'] };
    expect(refusal(story, 'difference.decided', seen)).toBeNull();
  });

  it('struck from the record, leaves the sheet as it was', () => {
    const story = linersIn().act('leaflet.entered', paste).strikeLast();
    expect(sheetNow(story)).toBe(jobSheet);
    expect(card(story, 'tighten')?.status).toBe('open');
  });

  it('adds what the sheet is silent about, unasked', () => {
    const story = linersIn().act(
      'leaflet.entered',
      leaflet([{ at: SETTLE, to: demand('settle-and-check', 'never') }]),
    );
    expect(differences(story)).toMatchObject([{ standing: 'adds', stands: { by: 'l7' } }]);
    expect(valueAtPlace(sheetNow(story), SETTLE)).toMatchObject({ demand: 'never' });
  });

  it('that demands what the sheet forbids is left for a decision, with both sources', () => {
    const story = headNext(openedFor(castryV8, { kind: 'gasket' }), castryV8).act(
      'leaflet.entered',
      leaflet([{ at: SETTLE, to: demand('settle-and-check', 'never') }]),
    );
    expect(differences(story, castryV8)).toMatchObject([
      { standing: 'open', claims: [{ by: 'sheet', value: { demand: 'do' } }, { by: 'l7' }] },
    ]);
    expect(card(story, 'tighten', castryV8)?.reason.code).toBe('differences-open');
  });

  it('that would have stretch bolts pulled again is never simply added, and cannot be decided for', () => {
    const story = headNext(openedFor(quillon5c, { kind: 'gasket' }), quillon5c).act(
      'leaflet.entered',
      leaflet([{ at: SETTLE, to: demand('settle-and-check', 'do') }]),
    );
    const [difference] = differences(story, quillon5c);
    expect(difference?.standing).toBe('open');
    const decided = { places: [SETTLE], among: ['sheet', 'l7'], words: 'Asked the maker' };
    expect(refusal(story, 'difference.decided', { ...decided, take: 'l7' }, quillon5c)).toBe(
      'does-not-add-up',
    );
    expect(
      refusal(story, 'difference.decided', { ...decided, take: 'sheet' }, quillon5c),
    ).toBeNull();
  });

  it.each<[string, Points, string]>([
    ['nothing', [], 'nothing-said'],
    ['of a place the sheet does not have', [{ at: '/no/such/place', to: 1 }], 'place-nowhere'],
    ['of what names the engine', [{ at: '/name', to: 'Other' }], 'place-nowhere'],
    ['of an entry under another name', [{ at: HEAT, to: demand('reuse', 'do') }], 'place-nowhere'],
    [
      'one thing twice',
      [
        { at: LOW, to: mm('0.05 mm', 0.05) },
        { at: LOW, to: mm('0.06 mm', 0.06) },
      ],
      'place-repeated',
    ],
    [
      'a part and its whole',
      [
        { at: LOW, to: mm('0.05 mm', 0.05) },
        { at: `${LOW}/value`, to: 1 },
      ],
      'place-overlaps',
    ],
    ['a range upside down', [{ at: LOW, to: mm('9 mm', 9) }], 'does-not-add-up'],
    ['a figure that is not its text', [{ at: LOW, to: mm('0.05 mm', 0.06) }], 'does-not-add-up'],
  ])('that says %s is not taken', (_, points, code) => {
    expect(refusal(opened(), 'leaflet.entered', leaflet(points))).toBe(code);
  });

  it('is entered once', () => {
    const story = opened().act('leaflet.entered', paste);
    expect(refusal(story, 'leaflet.entered', paste)).toBe('layer-taken');
  });
});

describe('what an engine has had done to it', () => {
  const lower = { at: LOW, to: { ...mm('0.02 mm', 0.02), from: 'shop', source: 'Block decked' } };
  const decked: ActData['deviation.entered'] = {
    deviation: 'd1',
    title: 'Block decked by 0.05',
    points: [lower],
  };

  it('holds over the sheet without asking, the last of it over the first', () => {
    const story = opened().act('deviation.entered', decked);
    expect(differences(story)).toMatchObject([{ standing: 'deviates', stands: { by: 'd1' } }]);
    expect(sheetNow(story).liners).toMatchObject({ low: { value: 0.02 } });
    story.act('deviation.entered', {
      ...decked,
      deviation: 'd2',
      points: [{ ...lower, to: { ...lower.to, text: '0.03 mm', value: 0.03 } }],
    });
    expect(sheetNow(story).liners).toMatchObject({ low: { value: 0.03 } });
  });

  it('is held against what a leaflet says', () => {
    const story = opened()
      .act('deviation.entered', decked)
      .act('leaflet.entered', leaflet([{ at: LOW, to: mm('0.04 mm', 0.04) }]));
    expect(differences(story)).toMatchObject([{ standing: 'open', stands: { by: 'd1' } }]);
    expect(card(story, 'liners')?.reason.code).toBe('differences-open');
    expect(
      refusal(story, 'difference.decided', {
        places: [LOW],
        take: 'l7',
        among: ['sheet', 'd1', 'l7'],
        words: 'Liners came with it',
      }),
    ).toBeNull();
  });

  it('may change no figure and still be on record', () => {
    expect(
      refusal(opened(), 'deviation.entered', { ...decked, title: 'Helicoil, hole 4', points: [] }),
    ).toBeNull();
  });

  it('that no longer adds up under another revision is not worked by, and bars its card', () => {
    const story = opened().act('deviation.entered', decked);
    const high = { ...lower.to, text: '0.01 mm', value: 0.01 };
    const revised = {
      ...tolvane44,
      liners: { ...tolvane44.liners, low: high, high },
    } as EngineSheet;
    const layered = layeredOn(revised, stateOf(story).layers);
    expect(layered.objections).toMatchObject([{ code: 'range-upside-down' }]);
    expect(layered.sheet).toBe(revised);
    expect(card(story, 'liners', revised)?.reason.code).toBe('differences-open');
  });

  it('stays beside the sheet when a revision has no such figure any more', () => {
    const story = opened().act('deviation.entered', decked);
    const { liners: _liners, ...without } = tolvane44;
    expect(differences(story, without)).toMatchObject([{ standing: 'nowhere' }]);
    expect(sheetNow(story, without)).toEqual(scopedSheet(without, { kind: 'gasket' }));
  });
});
