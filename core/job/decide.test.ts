import { DEMO_TOOL } from '@cardinex/demo/tools';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { lockside } from '@cardinex/demo/shops';
import { Storyteller } from '@cardinex/demo/storyteller';
import type { ActData, ActType } from './act';
import { lastActOf } from './decideAware';
import { openedFor, refusalIn } from './tests/intake';
import {
  STARTS,
  added,
  after,
  decided,
  headDown,
  lead,
  linersIn,
  opened,
  perrin,
  refusalOf,
  stateOf,
  tobin,
  wren,
  jobOf,
  logOf,
} from './tests/story';

const reading = { bore: '1', place: 0, mm: 0.06, printed: { text: '0.06', unit: 'mm' as const } };
const pullOf = (stage: string, bolt: string, pass = 1, nm = 45) => ({
  key: `head/1/main/1/${stage}/${bolt}`,
  pass,
  nm,
  setNm: nm,
  wrench: DEMO_TOOL.wrench5,
});

describe('opening a job', () => {
  it('is done once, on the pinned sheet, with cylinder 1 looked at', () => {
    const story = opened();
    const data = stateOf(story).opened;
    if (!data) throw new Error('not opened');
    const { sheet, serial, name } = data;
    const again = {
      sheet,
      serial,
      name,
      cylinder1End: 'fan' as const,
      scope: { kind: 'gasket' as const },
    };
    expect(refusalOf(decided(story, after(story, 'job.opened', again)))).toBe('already-open');
  });
});

describe('a cause', () => {
  const fresh = new Storyteller(lockside, 'another', tolvane44, STARTS, tobin);
  const opening = (more: object) => {
    const { why: _, ...data } = opened().end().acts[0]?.data as ActData['job.opened'];
    const act = after(fresh, 'job.opened', { ...data, ...more });
    return refusalOf(decided(fresh, act));
  };

  it('that was chosen needs no words beside it, "something else" does', () => {
    expect(opening({ because: 'overheated' })).toBeNull();
    expect(opening({ because: 'other' })).toBe('words-needed');
    expect(opening({ because: 'other', why: 'fell off the lorry' })).toBeNull();
    expect(opening({})).toBe('words-needed');
    const answer = (data: ActData['cause.answered']) =>
      refusalIn(openedFor(tolvane44, { kind: 'gasket' }), tolvane44, 'cause.answered', data);
    expect(answer({ cause: 'worn-out' })).toBeNull();
    expect(answer({ cause: 'other' })).toBe('words-needed');
    expect(answer({ cause: 'not-found' })).toBe('words-needed');
  });
});

describe('who may act', () => {
  const cases: [ActType, object, string][] = [
    ['bolt.pulled', pullOf('s1', 'h1'), 'an inspector pulls no bolts'],
    ['liners.accepted', {}, 'an inspector accepts no liners'],
  ];
  it.each(cases)('%s: %s %s', (type, data) => {
    const story = linersIn().prepare(DEMO_TOOL.wrench5);
    const act = after(story, type, data as never, { by: perrin.id });
    expect(refusalOf(decided(story, act))).toBe('role-may-not');
  });

  it('lets anyone but a viewer read a liner', () => {
    const story = opened();
    expect(decided(story, after(story, 'liner.read', reading)).ok).toBe(true);
    expect(decided(story, after(story, 'liner.read', reading, { by: perrin.id })).ok).toBe(true);
    const onlooker = after(story, 'liner.read', reading, { by: 'nobody' as never });
    expect(refusalOf(decided(story, onlooker))).toBe('role-may-not');
  });
});

describe('liners', () => {
  it('are accepted only when all are read', () => {
    const story = opened().liner('1', 0.06, 0.06);
    expect(refusalOf(decided(story, after(story, 'liners.accepted', {})))).toBe(
      'liners-incomplete',
    );
  });

  it('that are out may stand only by the lead, with a reason and a fresh proof', () => {
    const story = opened()
      .liner('1', 0.2, 0.2)
      .liner('2', 0.07, 0.07)
      .liner('3', 0.08, 0.08)
      .liner('4', 0.09, 0.09);
    const by = { by: lead.id };
    const reason = { words: 'machined deck, shimmed gasket' };
    expect(refusalOf(decided(story, after(story, 'liners.accepted', reason)))).toBe('liners-out');
    expect(refusalOf(decided(story, after(story, 'liners.accepted', {}, by)))).toBe('words-needed');
    const act = after(story, 'liners.accepted', reason, by);
    expect(refusalOf(decided(story, act))).toBe('needs-fresh-proof');
    expect(decided(story, act, { fresh: true }).ok).toBe(true);
  });

  it('read again are no longer accepted, and bar the head again', () => {
    const story = linersIn().liner('2', 0.07);
    expect(stateOf(story).liners.accepted).toBeNull();
    const prepare = jobOf(linersIn().prepare(DEMO_TOOL.wrench5)).log.last;
    if (prepare?.type !== 'run.prepared') throw new Error('no preparation');
    const act = after(story, 'run.prepared', prepare.data);
    expect(refusalOf(decided(story, act))).toBe('card-barred');
  });

  it('have only the places their sheet names', () => {
    const story = opened();
    const seventh = after(story, 'liner.read', { ...reading, bore: '7' });
    expect(refusalOf(decided(story, seventh))).toBe('unknown-bore');
    const fifth = after(story, 'liner.read', { ...reading, place: 4 as never });
    expect(refusalOf(decided(story, fifth))).toBe('unknown-place');
  });
});

describe('striking', () => {
  it('of one’s own last act needs no words; of any other it does', () => {
    const story = opened().liner('1', 0.06, 0.07);
    const log = logOf(story);
    const strike = (place: number, by = tobin.id) =>
      after(story, 'struck', { target: log.at(place)?.id ?? '' }, { by });
    expect(decided(story, strike(-1)).ok).toBe(true);
    expect(refusalOf(decided(story, strike(-2)))).toBe('words-needed');
    expect(refusalOf(decided(story, strike(-1, wren.id)))).toBe('words-needed');
    expect(refusalOf(decided(story, strike(0)))).toBe('not-strikable');
  });

  it('happens once to an act', () => {
    const story = opened().liner('1', 0.06).strikeLast();
    const target = logOf(story).at(-2)?.id ?? '';
    const again = after(story, 'struck', { target, words: 'again' });
    expect(refusalOf(decided(story, again))).toBe('already-struck');
    expect(refusalOf(decided(story, after(story, 'struck', { target: 'none' })))).toBe(
      'unknown-target',
    );
  });

  it('moves the last act back to the one before', () => {
    const story = opened().liner('1', 0.07, 0.06, 0.09).strikeLast();
    const last = lastActOf(jobOf(story), tobin.id);
    expect(last?.type === 'liner.read' && last.data.mm).toBe(0.06);
    expect(lastActOf(jobOf(story), wren.id)).toBeUndefined();
  });
});

describe('pulling', () => {
  it('needs the wrench in hand first, and carries the figures that were shown', () => {
    const bare = linersIn();
    expect(refusalOf(decided(bare, after(bare, 'bolt.pulled', pullOf('s1', 'h1'))))).toBe(
      'run-not-prepared',
    );
    const story = linersIn().prepare(DEMO_TOOL.wrench5);
    expect(decided(story, after(story, 'bolt.pulled', pullOf('s1', 'h1'))).ok).toBe(true);
    const other = after(story, 'bolt.pulled', { ...pullOf('s1', 'h1'), nm: 46 });
    expect(refusalOf(decided(story, other))).toBe('figure-not-shown');
    const borrowed = after(story, 'bolt.pulled', {
      ...pullOf('s1', 'h1'),
      wrench: DEMO_TOOL.wrench3,
    });
    expect(refusalOf(decided(story, borrowed))).toBe('figure-not-shown');
  });

  it('with a wrench beyond its range is refused', () => {
    const story = linersIn().prepare(DEMO_TOOL.wrench3).pull('s1', 10).pull('s2', 10);
    const act = after(story, 'bolt.pulled', {
      ...pullOf('s3', 'h1', 1, 115),
      wrench: DEMO_TOOL.wrench3,
    });
    expect(refusalOf(decided(story, act))).toBe('wrench-out-of-range');
  });

  it('of a stage that is not open yet is refused', () => {
    const story = linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 9);
    const ahead = after(story, 'bolt.pulled', pullOf('s2', 'h1', 1, 85));
    expect(refusalOf(decided(story, ahead))).toBe('stage-not-current');
  });

  it('of a bolt already done is refused to someone who saw it, and kept from someone who did not', () => {
    const story = linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 3);
    const log = logOf(story);
    const aware = after(story, 'bolt.pulled', pullOf('s1', 'h3'), { device: 'another' as never });
    expect(refusalOf(decided(story, aware))).toBe('pass-taken');
    const unaware = { ...aware, seenSeq: log.length - 1 };
    expect(decided(story, unaware).ok).toBe(true);
    // A device has always seen its own acts, whatever it says it saw.
    const same = { ...after(story, 'bolt.pulled', pullOf('s1', 'h3')), seenSeq: log.length - 1 };
    expect(refusalOf(decided(story, same))).toBe('pass-taken');
  });
});

describe('valves', () => {
  const read = (valve: string) => ({
    valve,
    reading: 'found' as const,
    mm: 0.4,
    printed: { text: '0.40', unit: 'mm' as const },
  });
  const cautioned = () => headDown().act('caution.acknowledged', { caution: 'barring' });

  it('wait for the head, and the crank for its caution', () => {
    const early = linersIn();
    expect(refusalOf(decided(early, after(early, 'valve.read', read('E1'))))).toBe('card-barred');
    const story = headDown();
    const stand = after(story, 'crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' });
    expect(refusalOf(decided(story, stand))).toBe('caution-first');
    expect(decided(cautioned(), stand).ok).toBe(true);
  });

  it('are read only where the crank lets them be', () => {
    const lost = cautioned();
    expect(refusalOf(decided(lost, after(lost, 'valve.read', read('E1'))))).toBe('crank-unknown');
    const story = cautioned().act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' });
    expect(decided(story, after(story, 'valve.read', read('E1'))).ok).toBe(true);
    expect(refusalOf(decided(story, after(story, 'valve.read', read('E4'))))).toBe(
      'not-settable-here',
    );
    const doubted = story.act('crank.doubted', { words: 'another one rocks' });
    expect(refusalOf(decided(doubted, after(doubted, 'valve.read', read('E1'))))).toBe(
      'crank-unknown',
    );
  });

  it('are read hot only once the recheck has begun', () => {
    const story = cautioned().act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' });
    const hot = after(story, 'valve.read', { ...read('E1'), reading: 'hot' });
    expect(refusalOf(decided(story, hot))).toBe('reading-of-recheck');
  });

  it('are read cold also once the hot recheck has begun; set anew, what was felt hot is forgotten', () => {
    const begun = cautioned()
      .act('recheck.begun', { words: 'Run for an hour.' })
      .act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' })
      .act('valve.read', { ...read('E1'), reading: 'hot' });
    expect(stateOf(begun).valves.readings.E1?.hot).toBeDefined();
    const set = after(begun, 'valve.read', { ...read('E1'), reading: 'set' });
    expect(decided(begun, set).ok).toBe(true);
    expect(added(jobOf(begun), set).state.valves.readings.E1?.hot).toBeUndefined();
  });
});

describe('a refused act', () => {
  it('leaves the log as it was', () => {
    const story = linersIn();
    const state = stateOf(story);
    const act = after(story, 'valve.read', {
      valve: 'E1',
      reading: 'found',
      mm: 0.4,
      printed: { text: '0.40', unit: 'mm' },
    });
    expect(decided(story, act).ok).toBe(false);
    expect(stateOf(story)).toEqual(state);
    expect(added(jobOf(story), act).log).toHaveLength(logOf(story).length + 1);
  });
});
