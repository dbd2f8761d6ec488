import type { Scope } from '../../facts/scope';
import { madeDead, topDown } from '@cardinex/demo/intakeStory';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { dunmere2s5 } from '@cardinex/demo/sheets/dunmere2s5';
import { hesperM6Left, hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { timed, timingStep } from '@cardinex/demo/timingStory';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { scopedSheet, timesEngine } from '../../scope';
import { scopesFor } from '../../plan/scopeChoices';
import { cardIn, openedFor, refusalIn, sheetIn } from '../../tests/intake';
import { after, stateOf, jobOf } from '../../tests/story';
import { entryOf } from '../../kit/entryOf';
import { trayOf } from '../../tray';
import { holdsOnTurning } from '../../mayTurn';
import type { ActData, ActOf } from '../../act';
import { decidePumpSeen } from '../pump/rules';
import { pumpView } from '../pump/view';
import { decideTimingSeen } from './rules';
import {
  MARKS_CHECKED,
  MARKS_PROVED,
  MARKS_SET,
  TWO_TURNS,
  marksComeBack,
  timingView,
  type TimingStep,
  type TimingView,
} from './view';

/** A job on which only the timing is of interest: all before it was done elsewhere. */
const ready = (sheet: EngineSheet, scope: Scope = { kind: 'everything' }): Storyteller => {
  const story = madeDead(openedFor(sheet, scope), sheet);
  return story.act('caution.acknowledged', { caution: 'barring' });
};
const viewIn = (story: Storyteller, sheet: EngineSheet): TimingView => {
  const view = timingView(sheetIn(story, sheet), stateOf(story));
  if (!view) throw new Error('no timing');
  return view;
};
/** Why something seen would be refused, were the card open: all before it is done elsewhere here. */
const seenRefused = (
  story: Storyteller,
  sheet: EngineSheet,
  data: ActData['check.seen'],
  decideSeen: typeof decideTimingSeen,
): string | null => {
  const act = after(story, 'check.seen', data) as ActOf<'check.seen'>;
  const member = { id: act.by, role: 'mechanic' as const, fresh: false };
  const { state, log } = jobOf(story);
  const context = { now: act.at, sheet: sheetIn(story, sheet), pinned: sheet, member, log };
  const verdict = decideSeen(state, act, context);
  return verdict.ok ? null : verdict.refusal.code;
};
const name = (step: TimingStep): string => {
  if (step.kind === 'look') return `${step.check.id} ${step.item}`;
  return step.kind === 'line' || step.kind === 'pull' ? step.kind : `${step.kind} ${step.what}`;
};

describe('timing', () => {
  it('is a card where the drive comes apart: with the head where the camshaft is in it, else with everything', () => {
    const scopes = (sheet: EngineSheet) =>
      scopesFor(sheet).filter((kind) => timesEngine(scopedSheet(sheet, { kind })));
    expect(scopes(quillon5c)).toEqual([
      'gasket',
      'one-cylinder',
      'top-end',
      'in-frame',
      'everything',
    ]);
    expect(scopes(tolvane44)).toEqual(['everything']);
  });

  it('goes from the line of the wheels to the marks after two turns, pins and tensioner between', () => {
    const steps = viewIn(ready(quillon5c), quillon5c).steps.map(name);
    const [cam, pump] = quillon5c.timing?.pins ?? [];
    expect(steps).toEqual([
      'line',
      `${MARKS_SET} mark-1`,
      `${MARKS_SET} mark-2`,
      `${MARKS_SET} mark-3`,
      `pin-in ${cam ?? ''}`,
      `pin-in ${pump ?? ''}`,
      'tensioner-in Pin of the tensioner',
      'pull',
      `${MARKS_CHECKED} mark-1`,
      `${MARKS_CHECKED} mark-2`,
      `${MARKS_CHECKED} mark-3`,
      `pin-out ${cam ?? ''}`,
      `pin-out ${pump ?? ''}`,
      'tensioner-out Pin of the tensioner',
      `${TWO_TURNS} turned`,
      `${MARKS_PROVED} mark-3`,
    ]);
  });

  it('looks after two turns only for marks that come round by then', () => {
    expect([...marksComeBack(scopedSheet(quillon5c, { kind: 'gasket' }))]).toEqual([
      ['mark-1', 118],
      ['mark-2', 118],
      ['mark-3', 2],
    ]);
    const proved = viewIn(ready(tolvane44), tolvane44).steps.map(name).at(-1);
    expect(proved).toBe(`${MARKS_PROVED} top`);
  });

  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'can be done to its end on %s, each step accepted in its turn',
    (_, sheet) => {
      const story = timed(ready(sheet), sheet);
      const view = viewIn(story, sheet);
      expect([view.next, view.doneCount]).toEqual([null, view.steps.length]);
    },
  );

  it.each([
    ['Quillon', quillon5c],
    ['Hesper, right hand', hesperM6Right],
    ['Hesper, left hand', hesperM6Left],
  ])('on %s refuses what its steps rest on while they are open', (_, sheet) => {
    const story = ready(sheet);
    const later = viewIn(story, sheet).steps.filter(
      (step) => step.kind === 'look' && step.check.id !== MARKS_SET,
    );
    for (const step of later) {
      if (step.kind !== 'look') continue;
      const data = { check: step.check.id, item: step.item, found: 'good' as const };
      expect(seenRefused(story, sheet, data, decideTimingSeen)).toBe('step-first');
    }
  });

  it('holds the crank while a timing pin is in, and no longer', () => {
    const story = timed(ready(quillon5c), quillon5c, ({ kind }) => kind === 'pull');
    const held = () =>
      holdsOnTurning(sheetIn(story, quillon5c), stateOf(story)).map((by) => by.code);
    expect(held()).toContain('temporary-part-in');
    timed(story, quillon5c, ({ kind }) => kind === 'tensioner-out');
    expect(held()).not.toContain('temporary-part-in');
  });

  it('bars the wheels until the marks are set and the pins are in', () => {
    const story = openedFor(quillon5c, { kind: 'gasket' });
    timed(topDown(story, quillon5c), quillon5c, ({ kind }) => kind === 'pin-in');
    const wheels = () => {
      const state = stateOf(story);
      return entryOf(trayOf(quillon5c, state, ''), { card: 'tighten', set: 'cam-sprocket' });
    };
    expect(wheels()?.reason).toEqual({ code: 'card-first', card: 'timing' });
    timed(story, quillon5c, ({ kind }) => kind === 'pull');
    expect(wheels()?.status).toBe('open');
    expect(cardIn(story, quillon5c, 'timing').status).toBe('waiting');
  });

  it('keeps the pin of the tensioner in until all before it is done', () => {
    const story = timed(ready(quillon5c), quillon5c, ({ kind }) => kind === 'pull');
    const pin = stateOf(story).register.find(({ what }) => what === 'Pin of the tensioner');
    const draw = () =>
      refusalIn(story, quillon5c, 'temporary-part.taken-out', { part: pin?.id ?? '' });
    expect(draw()).toBe('tensioner-waits');
    timed(story, quillon5c, ({ kind }) => kind === 'tensioner-out');
    expect(draw()).toBeNull();
  });

  it('asks a pin that was drawn before its time in again', () => {
    const story = timed(ready(hesperM6Right), hesperM6Right, ({ kind }) => kind === 'pull');
    const pin = stateOf(story).register.at(-1);
    story.act('temporary-part.taken-out', { part: pin?.id ?? '' });
    expect(viewIn(story, hesperM6Right).next?.kind).toBe('pin-in');
  });

  it('begins again from the marks when one does not stand after two turns', () => {
    const story = timed(ready(quillon5c), quillon5c, (step) => name(step).startsWith(MARKS_PROVED));
    story.act('check.seen', {
      check: MARKS_PROVED,
      item: 'mark-3',
      found: 'not-good',
      words: 'a tooth late',
    });
    const view = viewIn(story, quillon5c);
    expect(view.failed).toMatchObject({ item: 'mark-3', words: 'a tooth late' });
    expect(view.next && name(view.next)).toBe(`${MARKS_SET} mark-1`);
    expect(cardIn(story, quillon5c, 'timing')).not.toMatchObject({ status: 'done' });
    timed(story, quillon5c);
    expect(viewIn(story, quillon5c)).toMatchObject({ next: null, failed: null });
  });

  it('lets a wheel out of line be shimmed and read again', () => {
    const story = ready(quillon5c);
    const read = (mm: number) =>
      ['first', 'third', 'two-thirds'].forEach((place) =>
        story.act('check.read', {
          check: 'wheel-line',
          item: 'line',
          place,
          mm,
          printed: { text: String(mm), unit: 'mm' },
        }),
      );
    read(0.6);
    expect(viewIn(story, quillon5c).next?.kind).toBe('line');
    read(0.1);
    expect(viewIn(story, quillon5c).next?.kind).toBe('look');
  });
});

describe('pump or ignition', () => {
  const view = (story: Storyteller, sheet: EngineSheet) =>
    pumpView(sheetIn(story, sheet), stateOf(story));
  const see = (step: 'meshed' | 'again', found: 'good' | 'not-good' = 'good') =>
    ({
      check: 'pump',
      item: 'pump',
      step,
      found,
      ...(found === 'not-good' && { words: 'late' }),
    }) as const;

  it('is set before cylinder 1’s firing top, and nowhere else', () => {
    const story = ready(averilQ4);
    expect(view(story, averilQ4)).toMatchObject({ atDeg: 695, next: 'stand', toothDeg: 15 });
    expect(seenRefused(story, averilQ4, see('meshed'), decidePumpSeen)).toBe('crank-elsewhere');
    story.act('crank.stood', { atDeg: 335, seen: 'cylinder 1 rocks' });
    expect(view(story, averilQ4)).toMatchObject({ barDeg: 360, next: 'stand' });
    story.act('crank.stood', { atDeg: 695, seen: 'both shut' });
    expect(seenRefused(story, averilQ4, see('meshed'), decidePumpSeen)).toBeNull();
  });

  it('is looked at again after two turns, and set anew when it does not stand', () => {
    const story = ready(tolvane44).act('crank.stood', { atDeg: 702, seen: 'both shut' });
    expect(seenRefused(story, tolvane44, see('again'), decidePumpSeen)).toBe('step-first');
    story.act('check.seen', see('meshed')).act('check.seen', see('again', 'not-good'));
    expect(view(story, tolvane44)).toMatchObject({ next: 'meshed', failed: 'late' });
    story.act('check.seen', see('meshed')).act('check.seen', see('again'));
    expect(view(story, tolvane44)).toMatchObject({ next: null, failed: null });
  });

  it('is no card where the sheet says nothing of one', () => {
    expect(view(ready(dunmere2s5), dunmere2s5)).toBeNull();
  });
});

/** Every step by itself is one act or one run: nothing of it is left half done. */
it('takes its steps one at a time', () => {
  const story = ready(quillon5c);
  const before = viewIn(story, quillon5c);
  if (before.next) timingStep(story, quillon5c, before.next);
  expect(viewIn(story, quillon5c).doneCount).toBe(before.doneCount + 1);
});
