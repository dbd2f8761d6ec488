import { headNext, stripped, strippedStep, wrenchFor } from '@cardinex/demo/intakeStory';
import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import type { EngineSheet } from '../sheet/engineSheet';
import { planOf, setOf } from '../sheet/programmeOf';
import type { TightenAct } from '../tightening/tightenPlan';
import { stripNext } from './cards/strip/view';
import type { Move } from './facts/crank';
import { holdsOnTurning } from './mayTurn';
import { madeDead, openedFor, refusalIn, sheetIn } from './tests/intake';
import { stateOf } from './tests/story';

const holds = (story: Storyteller, sheet: EngineSheet, move: Move = 'any') =>
  holdsOnTurning(sheetIn(story, sheet), stateOf(story), move).map(({ code }) => code);

/** Comes apart step by step, as long as this has not come about. */
function apartUntil(story: Storyteller, sheet: EngineSheet, isThere: () => boolean): Storyteller {
  for (;;) {
    const next = stripNext(sheetIn(story, sheet), stateOf(story), '');
    if (!next || isThere()) return story;
    strippedStep(story, next.group, next.step);
  }
}

const run = { set: 'cylinder-base', instance: '1-2', programme: 'main' };

/** The first two cylinders, opposite each other, pulled as far as so many of its acts. */
function pulled(count: number) {
  const story = madeDead(openedFor(averilQ4, { kind: 'top-end' }, {}), averilQ4);
  story.act('run.prepared', { run, wrench: null, adapter: null, treatment: 'oil' });
  const set = setOf(sheetIn(story, averilQ4), run.set);
  const acts = (set && planOf(set, run.instance)?.acts) ?? [];
  const tell = ({ key, nm = 0 }: TightenAct, side?: 'near' | 'far') =>
    story.act('bolt.pulled', { key, pass: 1, nm, setNm: nm, wrench: 'w', ...(side && { side }) });
  for (const act of acts.slice(0, count)) {
    if (act.together) tell(act, 'near');
    tell(act, act.together ? 'far' : undefined);
  }
  return { held: holds(story, averilQ4), of: acts.length };
}

describe('the crank is not turned', () => {
  it('while an engine is not dead, hands are in or a pin is, all of it said at once', () => {
    const story = openedFor(tolvane44, { kind: 'gasket' });
    story.act('hands.in', { where: 'under cylinder 3' }).act('temporary-part.put-in', {
      part: 'pin',
      kind: 'pin',
      what: 'Barring pin',
      where: 'flywheel',
      bars: 'turn',
    });
    expect(holds(story, tolvane44)).toEqual(['hands-in', 'still-live', 'temporary-part-in']);
  });

  it('while through bolts are pulled only in part', () => {
    const { of } = pulled(0);
    expect(pulled(0).held).toEqual([]);
    expect(pulled(3).held).toEqual(['through-bolts-slack']);
    expect(pulled(of - 1).held).toEqual(['through-bolts-slack']);
    expect(pulled(of).held).toEqual([]);
  });

  it('from the first through bolt that is let go, unless plates hold the case', () => {
    const story = madeDead(openedFor(averilQ4, { kind: 'one-cylinder', only: '3' }), averilQ4);
    story.act('caution.acknowledged', { caution: 'barring' });
    const isSlack = () => holds(story, averilQ4).includes('through-bolts-slack');
    apartUntil(story, averilQ4, isSlack);
    expect(isSlack()).toBe(true);
    stripped(story, averilQ4);
    expect(holds(story, averilQ4)).toEqual(['through-bolts-slack']);
    const stood = { atDeg: 0, seen: 'by the mark' };
    expect(refusalIn(story, averilQ4, 'crank.stood', stood)).toBe('crank-held');
    story.act('temporary-part.put-in', {
      part: 'plates',
      kind: 'case-clamp',
      what: 'Plates',
      where: 'cylinder 3',
      bars: null,
    });
    expect(holds(story, averilQ4)).toEqual([]);
  });

  it('by through bolts, not while there is no crank in the case', () => {
    const story = madeDead(openedFor(averilQ4, { kind: 'everything' }), averilQ4);
    expect(holds(stripped(story, averilQ4), averilQ4)).toEqual([]);
    story.act('card.left-out', { card: 'shells', words: 'elsewhere' });
    // Nor while the case is open.
    expect(holds(story, averilQ4)).toEqual([]);
    story.act('card.left-out', { card: 'fit', words: 'elsewhere' });
    expect(holds(story, averilQ4)).toEqual(['through-bolts-slack', 'drive-open']);
  });

  it('while a rod is in without its cap', () => {
    const story = madeDead(openedFor(tolvane44, { kind: 'in-frame' }), tolvane44);
    const isUncapped = () => holds(story, tolvane44).includes('rod-uncapped');
    apartUntil(story, tolvane44, isUncapped);
    const [held] = holdsOnTurning(sheetIn(story, tolvane44), stateOf(story)).slice(-1);
    expect(held).toEqual({ code: 'rod-uncapped', what: '1' });
    stripped(story, tolvane44);
    expect(isUncapped()).toBe(false);
    const seen = (step: string) =>
      story.act('check.seen', { check: 'in-bore', item: '2', step, found: 'good' });
    seen('in');
    expect(isUncapped()).toBe(true);
    // Its cap by hand is not enough where a card pulls it: it is pulled before the crank comes round.
    seen('cap-own');
    expect(isUncapped()).toBe(true);
    const rods = setOf(sheetIn(story, tolvane44), 'rod-caps');
    if (rods) story.wholeRun(rods, '2', wrenchFor(tolvane44, rods));
    expect(isUncapped()).toBe(false);
  });

  it('while jacks stretch studs, until the stage is through', () => {
    const story = headNext(openedFor(hesperM6Right, { kind: 'gasket' }), hesperM6Right, 0.45);
    const set = setOf(hesperM6Right, 'head');
    const [instance = ''] = set?.instances ?? [];
    const name = { set: 'head', instance, programme: set?.programme?.id ?? '' };
    story.act('run.prepared', { run: name, wrench: null, adapter: null, treatment: 'oil' });
    const acts = (set && planOf(set, instance)?.acts) ?? [];
    const first = acts.filter(({ stage }) => stage === 'half');
    const stretch = ({ key, bar = 0 }: TightenAct) =>
      story.act('stud.tensioned', { key, pass: 1, bar });
    first.slice(0, 1).forEach(stretch);
    expect(holds(story, hesperM6Right)).toContain('jacks-on');
    first.slice(1).forEach(stretch);
    expect(holds(story, hesperM6Right)).not.toContain('jacks-on');
  });

  it('while the drive is off and cams are in, but for the moves of the timing itself', () => {
    const story = madeDead(openedFor(quillon5c, { kind: 'top-end' }), quillon5c);
    const isOpen = () => holds(story, quillon5c).includes('drive-open');
    apartUntil(story, quillon5c, isOpen);
    expect(isOpen()).toBe(true);
    expect(holds(story, quillon5c, 'of-the-timing')).not.toContain('drive-open');
    // Without a head there is nothing a piston could strike.
    expect(holds(stripped(story, quillon5c), quillon5c)).not.toContain('drive-open');
  });
});
