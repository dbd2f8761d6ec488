import { demoSheets } from '@cardinex/demo/sheets/all';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { isolationOf, stillLive } from './dead/checks';
import { causeStanding } from './cause/card';
import { cardIn, madeDead, openedFor, refusalIn } from '../tests/intake';
import { opened, stateOf, lastAt } from '../tests/story';
import { currentCard, trayOf } from '../tray';

const TOP_END = { kind: 'top-end' } as const;
const trayIn = (story: ReturnType<typeof opened>, sheet = tolvane44) => {
  const state = stateOf(story);
  return trayOf(sheet, state, lastAt(story));
};

describe('making it dead', () => {
  it('asks for what this kind of engine can come to life by', () => {
    const members = (id: string) => {
      const sheet = demoSheets.find((entry) => entry.id === id);
      if (!sheet) throw new Error(id);
      return isolationOf(sheet);
    };
    expect(members('tolvane-44')).not.toContain('starting-air-vented');
    expect(members('hesper-m6-r')).toContain('starting-air-vented');
    expect(members('castry-v8m')).toContain('ignition-earthed');
    expect(members('averil-q4')).toContain('propeller-clear');
  });

  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'of %s is the first card, and bars the strip until every item is so',
    (_, sheet) => {
      const story = openedFor(sheet, TOP_END);
      expect(currentCard(trayIn(story, sheet))?.card).toBe('dead');
      expect(cardIn(story, sheet, 'strip').status).toBe('barred');
      madeDead(story, sheet);
      expect(stillLive(sheet, stateOf(story).checks)).toEqual([]);
      expect(cardIn(story, sheet, 'strip').status).toBe('open');
    },
  );

  it('that is found not so is live again', () => {
    const story = madeDead(openedFor(tolvane44, TOP_END), tolvane44).act('check.seen', {
      check: 'dead',
      item: 'battery-off',
      found: 'not-good',
      words: 'somebody put it back',
    });
    expect(cardIn(story, tolvane44, 'dead').reason).toEqual({ code: 'to-make-dead', left: 1 });
    expect(cardIn(story, tolvane44, 'strip').status).toBe('barred');
  });
});

describe('the cause', () => {
  it('is the last thing a job waits for, and may be answered any day', () => {
    const story = openedFor(tolvane44, TOP_END);
    expect(trayIn(story).at(-1)).toMatchObject({ card: 'cause', status: 'waiting' });
    const answer = { cause: 'cooling-lost' as const, words: 'fan belt' };
    expect(refusalIn(story, tolvane44, 'cause.answered', answer)).toBeNull();
    story.act('cause.answered', answer);
    expect(cardIn(story, tolvane44, 'cause').status).toBe('done');
  });
});

describe('a job with all its cards done', () => {
  it('does not close while something is still in the engine', () => {
    const story = openedFor(tolvane44, TOP_END)
      .act('cause.answered', { cause: 'worn-out', words: 'old' })
      .act('temporary-part.put-in', {
        part: 's',
        kind: 'guide-stud',
        what: 'Stud',
        where: 'deck',
        bars: null,
      });
    expect(causeStanding(true, stateOf(story))).toMatchObject({
      status: 'waiting',
      reason: { code: 'temporary-parts-in', parts: ['Stud, deck'] },
    });
    story.act('temporary-part.taken-out', { part: 's' });
    expect(causeStanding(true, stateOf(story)).status).toBe('done');
  });
});

describe('a parked job', () => {
  const parked = () =>
    openedFor(tolvane44, TOP_END).act('job.parked', {
      done: ['ports-plugged', 'bores-oiled'],
      words: 'waits for the crank',
      resumeBy: ['plugs out', 'bores wiped'],
    });

  it('takes no work until it is taken up again', () => {
    const seen = { check: 'dead', item: 'battery-off', found: 'good' as const };
    expect(refusalIn(parked(), tolvane44, 'check.seen', seen)).toBe('job-parked');
    expect(refusalIn(parked(), tolvane44, 'job.resumed', {})).toBeNull();
    expect(refusalIn(parked().act('job.resumed', {}), tolvane44, 'check.seen', seen)).toBeNull();
    expect(refusalIn(openedFor(tolvane44, TOP_END), tolvane44, 'job.resumed', {})).toBe(
      'not-parked',
    );
  });

  it('says how it was left and what to see to', () => {
    expect(stateOf(parked()).parked).toMatchObject({
      words: 'waits for the crank',
      resumeBy: ['plugs out', 'bores wiped'],
    });
    expect(stateOf(parked().act('job.resumed', {})).parked).toBeNull();
  });
});

describe('what is left in', () => {
  const withRag = (story: ReturnType<typeof opened>) =>
    story.act('temporary-part.put-in', {
      part: 'r',
      kind: 'rag',
      what: 'Rag',
      where: 'port 2',
      bars: 'cover',
    });

  it('bars the head until it is out', () => {
    const story = openedFor(castryV8, TOP_END);
    // Everything before the head is another matter: look only at why the head itself would wait.
    const reason = (soFar: ReturnType<typeof opened>) =>
      cardIn(soFar, castryV8, 'tighten').reason.code;
    expect(reason(withRag(story))).toBe('card-first');
    const old = withRag(opened());
    expect(cardIn(old, tolvane44, 'tighten').reason.code).toBe('card-first');
  });
});

describe('a card left out', () => {
  it('with a reason bars nothing further on, and stands as left out', () => {
    const story = madeDead(openedFor(tolvane44, { kind: 'in-frame' }), tolvane44);
    for (const card of ['mark', 'strip', 'inspect', 'bores'] as const) {
      story.act('card.left-out', { card, words: 'came in pieces' });
    }
    expect(cardIn(story, tolvane44, 'strip')).toMatchObject({
      status: 'done',
      reason: { code: 'left-out', words: 'came in pieces' },
    });
    expect(cardIn(story, tolvane44, 'liners').reason.code).toBe('parts-missing');
    story.act('card.left-out', { card: 'parts', words: 'the owner buys them' });
    expect(cardIn(story, tolvane44, 'liners').status).toBe('open');
  });

  it('is never the one that makes the engine dead', () => {
    const story = openedFor(tolvane44, TOP_END).act('card.left-out', { card: 'mark', words: 'no' });
    expect(cardIn(story, tolvane44, 'strip').status).toBe('barred');
  });

  it('is asked for again once that is struck', () => {
    const story = madeDead(openedFor(tolvane44, TOP_END), tolvane44)
      .act('card.left-out', { card: 'mark', words: 'mis-tap' })
      .strikeLast();
    expect(cardIn(story, tolvane44, 'mark').status).toBe('open');
  });
});
