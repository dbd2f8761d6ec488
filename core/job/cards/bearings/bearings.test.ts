import { bearingsDone } from '@cardinex/demo/frameStory';
import { partsIn, strippedStep } from '@cardinex/demo/intakeStory';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { bearingCount } from '../../../sheet/assembly/instances';
import { bearingsOf } from '../../../sheet/bearingsOf';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { decide } from '../../decide';
import { evolve, fold } from '../../evolve';
import type { Scope } from '../../facts/scope';
import { holdsOnTurning } from '../../mayTurn';
import { setOf } from '../../../sheet/programmeOf';
import { STRIP } from '../../slackening';
import { madeDead, openedFor, refusalIn, sheetIn, stripped, cardIn } from '../../tests/intake';
import { after, jobOf, lead, logOf, stateOf, wren } from '../../tests/story';
import { trayOf } from '../../tray';
import { checksOn } from '../../checks/allChecks';
import { oldBoltsOf } from '../strip/view';
import { capsOneByOne, openCaps } from './caps';
import { bearingNext, bearingViews, type BearingStep } from './view';

const IN_FRAME = { kind: 'in-frame' } as const;

/** A small engine in its frame; of a large one its main bearings and no more. */
const mainsOf = (sheet: EngineSheet): Scope =>
  sheet === tolvane44
    ? IN_FRAME
    : {
        kind: 'pieces',
        also: bearingsOf({ count: bearingCount(sheet) }).map((bearing) => `main-cap/${bearing}`),
      };

/** With what stands over the caps off. */
const inFrame = (sheet: EngineSheet, scope: Scope = mainsOf(sheet)): Storyteller =>
  stripped(madeDead(openedFor(sheet, scope), sheet), sheet);

/** As far as a kind of step at a bearing. */
const downTo = (
  story: Storyteller,
  sheet: EngineSheet,
  is: (bearing: string, step: BearingStep) => boolean,
): Storyteller => bearingsDone(story, sheet, { until: is });

const isOff = (of: string) => (bearing: string, step: BearingStep) =>
  bearing === of && step.kind !== 'off';

const next = (story: Storyteller, sheet: EngineSheet) =>
  bearingNext(bearingViews(sheetIn(story, sheet), stateOf(story), story.now));

/** The first bolt, or jack, of a cap let go. */
const letGo = (sheet: EngineSheet, bearing: string, fastener: string) =>
  sheet === tolvane44
    ? ([
        'bolt.eased',
        { key: `main-caps/${bearing}/${STRIP}/1/ease-1/${fastener}`, pass: 1 },
      ] as const)
    : ([
        'stud.tensioned',
        { key: `main-caps/${bearing}/${STRIP}/1/stretch/${fastener}`, pass: 1, bar: 800 },
      ] as const);

const ENGINES = [tolvane44, hesperM6Right].map((sheet) => [sheet.id, sheet] as const);

describe('main bearings in the frame', () => {
  it('are opened from the end of cylinder 1, the one that carries the thrust last', () => {
    const order = (sheet: EngineSheet) =>
      capsOneByOne(sheetIn(openedFor(sheet, IN_FRAME), sheet)).map(({ bearing }) => bearing);
    expect(order(tolvane44)).toEqual(['1', '2', '4', '5', '3']);
    expect(order(hesperM6Right)).toEqual(['1', '2', '3', '4', '5', '6', '7']);
  });

  it('are no work of their own where the crank comes out, or no cap comes off', () => {
    for (const sheet of demoSheets)
      for (const kind of ['everything', 'gasket'] as const)
        expect(capsOneByOne(sheetIn(openedFor(sheet, { kind }), sheet))).toEqual([]);
  });

  it('one that was picked is opened alone', () => {
    const scope = { kind: 'pieces', also: ['main-cap/2'] } as const;
    const caps = capsOneByOne(sheetIn(openedFor(tolvane44, scope), tolvane44));
    expect(caps.map(({ bearing }) => bearing)).toEqual(['2']);
  });

  it('by caps that share a bolt, are not taken one at a time', () => {
    const sets = tolvane44.fastenedSets?.map((set) =>
      set.kind === 'main-caps'
        ? {
            ...set,
            fasteners: set.fasteners.map((bolt) =>
              bolt.id === 'm1' ? { ...bolt, clamps: ['main-cap/1', 'main-cap/2'] } : bolt,
            ),
          }
        : set,
    );
    const bridged = { ...tolvane44, ...(sets && { fastenedSets: sets }) };
    expect(capsOneByOne(sheetIn(openedFor(bridged, IN_FRAME), bridged))).toEqual([]);
  });

  it('have their bolts and pulls cap by cap, under the numbers of the book', () => {
    const sheet = sheetIn(openedFor(tolvane44, IN_FRAME), tolvane44);
    expect(setOf(sheet, 'main-caps')?.instances).toEqual(['1', '2', '3', '4', '5']);
    const story = downTo(inFrame(tolvane44), tolvane44, (_, step) => step.kind === 'pull');
    const step = next(story, tolvane44)?.step;
    const run = step?.kind === 'pull' ? step.run : null;
    expect(run?.set.fasteners.map(({ number }) => number)).toEqual(['1', '2']);
    expect(run?.stages.map(({ bolts }) => bolts.map(({ act }) => act.nm))).toEqual([
      [60, 60],
      [140, 140],
    ]);
  });

  it('are off the cards that take and put on everything else', () => {
    const story = inFrame(tolvane44, IN_FRAME);
    const sheet = sheetIn(story, tolvane44);
    expect(Object.keys(stateOf(story).pieces.off).some((id) => id.startsWith('main-cap'))).toBe(
      false,
    );
    expect(oldBoltsOf(sheet).some(({ set }) => set.id === 'main-caps')).toBe(false);
    const cards = trayOf(tolvane44, stateOf(story), story.now);
    expect(cards.some(({ card, set }) => card === 'tighten' && set?.id === 'main-caps')).toBe(
      false,
    );
    // No micrometer goes round a main that lies in its bearings; big ends are free.
    const read = checksOn(sheet, 'inspect').map(({ id }) => id);
    expect(read).not.toContain('journals/mains');
    expect(read).toContain('journals/big-ends');
  });
});

describe.each(ENGINES)('bearing by bearing on %s', (_, sheet) => {
  it('comes to its end, each act accepted, never more than one cap off', () => {
    const before = inFrame(sheet);
    const begun = logOf(before).length;
    const log = logOf(bearingsDone(before, sheet));
    let job = fold(log.slice(0, begun));
    for (const act of log.slice(begun)) {
      const member = { id: act.by, role: 'mechanic' as const, fresh: false };
      const verdict = decide(job, act, { now: act.at, sheet, member });
      expect([act.type, act.data, verdict.ok || verdict.refusal]).toEqual([
        act.type,
        act.data,
        true,
      ]);
      job = evolve(job, act);
      expect(openCaps(sheetIn(before, sheet), job.state).length).toBeLessThan(2);
    }
    expect(cardIn(before, sheet, 'bearings').status).toBe('done');
    expect(holdsOnTurning(sheetIn(before, sheet), job.state)).toEqual([]);
  });

  it('lets no second cap go while one is open', () => {
    const story = downTo(inFrame(sheet), sheet, isOff('1'));
    const [type, data] = letGo(sheet, '2', sheet === tolvane44 ? 'm3' : 'm1');
    story.act('caution.acknowledged', { caution: 'hydraulics' });
    expect(refusalIn(story, sheet, type, data)).toBe('one-cap-at-a-time');
  });

  it('keeps a second cap that another device let go, and holds the crank', () => {
    const story = inFrame(sheet).act('caution.acknowledged', { caution: 'hydraulics' });
    const seenSeq = logOf(story).length;
    downTo(story, sheet, isOff('1'));
    const [type, data] = letGo(sheet, '2', sheet === tolvane44 ? 'm3' : 'm1');
    const act = after(story, type, data, { by: wren.id, device: lead.id, count: 1, seenSeq });
    const verdict = decide(jobOf(story), act, {
      now: act.at,
      sheet,
      member: { id: wren.id, role: 'mechanic', fresh: false },
    });
    expect(verdict.ok).toBe(true);
    const seq = logOf(story).length + 1;
    const { state } = evolve(jobOf(story), { ...act, seq, receivedAt: act.at });
    expect(openCaps(sheetIn(story, sheet), state).map(({ bearing }) => bearing)).toEqual([
      '1',
      '2',
    ]);
    expect(holdsOnTurning(sheetIn(story, sheet), state)).toContainEqual({ code: 'crank-hangs' });
  });

  it('opens the bearing of the thrust last', () => {
    const story = inFrame(sheet).act('caution.acknowledged', { caution: 'hydraulics' });
    const [thrust, bolt] = sheet === tolvane44 ? ['3', 'm5'] : ['7', 'm1'];
    const [type, data] = letGo(sheet, thrust, bolt);
    expect(refusalIn(story, sheet, type, data)).toBe('thrust-last');
    downTo(story, sheet, (bearing) => bearing === thrust);
    expect(refusalIn(story, sheet, type, data)).toBeNull();
  });

  it('looks at no shell under a cap that is on, and pulls none down before all is laid', () => {
    const story = inFrame(sheet);
    const look = {
      check: 'shells-found/mains',
      item: '1/lower',
      found: 'good',
      wear: 'even',
    } as const;
    expect(refusalIn(story, sheet, 'check.seen', look)).toBe('cap-not-off');
    downTo(story, sheet, isOff('1'));
    expect(refusalIn(story, sheet, 'check.seen', look)).toBeNull();
    const run = { set: 'main-caps', instance: '1', programme: 'main' };
    const prepared = { run, wrench: null, adapter: null, treatment: 'oil' };
    expect(refusalIn(story, sheet, 'run.prepared', prepared)).toBe('bearing-not-laid');
    downTo(story, sheet, (_, step) => step.kind === 'pull');
    expect(refusalIn(story, sheet, 'run.prepared', prepared)).toBeNull();
  });

  it('is turned by hand to roll a shell, while no more than this cap is off', () => {
    const story = downTo(inFrame(sheet), sheet, (_, { kind }) => kind === 'check');
    expect(holdsOnTurning(sheetIn(story, sheet), stateOf(story))).toEqual([]);
  });

  it('taken back, a step is to be done again', () => {
    const story = downTo(inFrame(sheet), sheet, (_, { kind }) => kind === 'check');
    const before = next(story, sheet);
    const { id } = logOf(story).at(-1) ?? { id: '' };
    story.act('struck', { target: id });
    expect(next(story, sheet)?.step?.kind).toBe('shell');
    expect(before?.cap.bearing).toBe('1');
  });

  it('left out, asks nothing and holds nothing', () => {
    const story = downTo(inFrame(sheet), sheet, isOff('1'));
    story.act('card.left-out', { card: 'bearings', words: 'by the yard, last week' });
    expect(cardIn(story, sheet, 'bearings').status).toBe('done');
    expect(openCaps(sheetIn(story, sheet), stateOf(story))).toEqual([]);
  });
});

describe('a cap that binds', () => {
  it('is open again until it is pulled once more', () => {
    const story = downTo(
      inFrame(tolvane44),
      tolvane44,
      (_, step) => step.kind === 'pull' && step.run.turn !== null,
    );
    const step = next(story, tolvane44)?.step;
    const turn = step?.kind === 'pull' ? step.run.turn : null;
    if (!turn) throw new Error('no turn is due');
    const run = { set: 'main-caps', instance: '1', programme: 'main' };
    story.act('cap.turned', { run, ...turn, found: 'binds', words: 'tight after the first cap' });
    expect(
      openCaps(sheetIn(story, tolvane44), stateOf(story)).map(({ bearing }) => bearing),
    ).toEqual(['1']);
    const [type, data] = letGo(tolvane44, '2', 'm3');
    expect(refusalIn(story, tolvane44, type, data)).toBe('one-cap-at-a-time');
  });
});

describe('old shells', () => {
  const seen = (wear: 'even' | 'copper' | null, found: 'good' | 'not-good') => ({
    check: 'shells-found/mains',
    item: '1/lower',
    found,
    ...(wear && { wear }),
  });

  it('are said as they are found: nothing is good by itself', () => {
    const story = downTo(inFrame(tolvane44), tolvane44, isOff('1'));
    const refusal = (...how: Parameters<typeof seen>) =>
      refusalIn(story, tolvane44, 'check.seen', seen(...how));
    expect(refusal(null, 'good')).toBe('wear-needed');
    expect(refusal('copper', 'good')).toBe('wear-needed');
    expect(refusal('even', 'not-good')).toBe('wear-needed');
    expect(refusal('copper', 'not-good')).toBeNull();
  });

  it('are compared on every engine whose crank comes out, and keep no card waiting for a decision', () => {
    const story = stripped(
      madeDead(openedFor(tolvane44, { kind: 'everything' }), tolvane44),
      tolvane44,
    );
    partsIn(story, tolvane44);
    const sheet = sheetIn(story, tolvane44);
    const found = checksOn(sheet, 'inspect').filter(({ kind }) => kind === 'shells-found');
    expect(found.map(({ id, items }) => [id, items.length])).toEqual([
      ['shells-found/mains', 10],
      ['shells-found/big-ends', 8],
    ]);
    story.act('check.seen', {
      check: 'shells-found/mains',
      item: '2/lower',
      found: 'not-good',
      wear: 'wiped',
    });
    const { reason } = cardIn(story, tolvane44, 'inspect');
    expect(reason.code).not.toBe('inspected-out');
  });
});

it('whatever stood over the caps comes off first', () => {
  const story = madeDead(openedFor(tolvane44, IN_FRAME), tolvane44);
  const step = next(story, tolvane44)?.step;
  expect(step?.kind === 'off' && step.step.kind).toBe('wait');
  if (step?.kind === 'off')
    expect(() => strippedStep(story, step.group, step.step)).toThrow('sump');
});
