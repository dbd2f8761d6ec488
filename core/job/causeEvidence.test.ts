import { bearingsDone } from '@cardinex/demo/frameStory';
import { hesperM6Left } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { causesBehind } from './cause';
import { causeEvidence } from './causeEvidence';
import { CAUSES, SYMPTOMS } from './facts/cause';
import { madeDead, openedFor, sheetIn, stripped } from './tests/intake';
import { stateOf } from './tests/story';

describe('what may lie behind a symptom', () => {
  it('is every cause, each once, the usual ones first', () => {
    for (const because of [...SYMPTOMS, undefined])
      expect([...causesBehind(because)].sort()).toEqual([...CAUSES].sort());
    expect(causesBehind('seized')[0]).toBe('oil-starved');
  });

  it('is never the symptom again', () => {
    for (const symptom of SYMPTOMS.filter((each) => each !== 'other'))
      expect(CAUSES as readonly string[]).not.toContain(symptom);
  });
});

describe('what was found on a job', () => {
  it('speaks for nothing where all is as it should be', () => {
    const story = stripped(
      madeDead(openedFor(quillon5c, { kind: 'gasket' }), quillon5c),
      quillon5c,
    );
    expect(causeEvidence(sheetIn(story, quillon5c), stateOf(story))).toEqual([]);
  });

  it('is told with the cause it speaks for: a warped head, a chafed loom, a crack', () => {
    const story = stripped(
      madeDead(openedFor(quillon5c, { kind: 'gasket' }), quillon5c),
      quillon5c,
    );
    const [piece = ''] = Object.keys(stateOf(story).pieces.off);
    story
      .act('check.read', {
        check: 'flatness/head/1',
        item: 'along-middle',
        mm: 0.4,
        printed: { text: '0.40', unit: 'mm' },
      })
      .act('check.seen', {
        check: 'look/head',
        item: 'cracks',
        found: 'not-good',
        words: 'between the seats of 3',
      })
      .act('piece.off', { pieces: [piece], found: 'damaged', words: 'Split along its seam.' });
    const found = causeEvidence(sheetIn(story, quillon5c), stateOf(story));
    expect(found).toContainEqual({
      cause: 'cracked',
      from: 'check',
      check: 'look/head',
      item: 'cracks',
    });
    expect(found).toContainEqual({
      cause: 'part-broke',
      from: 'piece',
      piece,
      words: 'Split along its seam.',
    });
  });

  it('is read from the old shells: one that ran hot among its fellows, and dirt', () => {
    const scope = {
      kind: 'pieces',
      also: [1, 2, 3, 4, 5, 6, 7].map((n) => `main-cap/${n}`),
    } as const;
    const story = stripped(madeDead(openedFor(hesperM6Left, scope), hesperM6Left), hesperM6Left);
    bearingsDone(story, hesperM6Left, {
      wear: { '2/lower': 'scored', '3/lower': 'wiped' },
      until: (bearing) => bearing === '4',
    });
    const found = causeEvidence(sheetIn(story, hesperM6Left), stateOf(story));
    expect(found.map(({ cause }) => cause)).toEqual(['oil-starved', 'dirt']);
  });

  it('is a liner that stands wrong', () => {
    const story = stripped(
      madeDead(openedFor(tolvane44, { kind: 'gasket' }), tolvane44),
      tolvane44,
    );
    for (const bore of ['1', '2', '3', '4']) story.liner(bore, 0.3, 0.3);
    const found = causeEvidence(sheetIn(story, tolvane44), stateOf(story));
    expect(found).toContainEqual({ cause: 'liner-height', from: 'liners' });
  });
});
