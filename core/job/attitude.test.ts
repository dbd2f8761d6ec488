import { madeDead, strippedStep, stripped, turnedOver } from '@cardinex/demo/intakeStory';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { kindOfWait } from './outOfOrder';
import { stripNext, stripRuns, type OffStep } from './cards/strip/view';
import { holdsOnTurning } from './mayTurn';
import { holdsOnTurningOver, standsWrongFor } from './attitude';
import { TURN_OVER_LOOKS, type TurnOverLook } from './facts/attitude';
import type { Scope } from './facts/scope';
import { openedFor, refusalIn, sheetIn } from './tests/intake';
import { stateOf } from './tests/story';

const EVERYTHING: Scope = { kind: 'everything' };
const stepOf = (story: Storyteller): OffStep | undefined =>
  stripNext(sheetIn(story, tolvane44), stateOf(story), '')?.step;

/** Apart as far as what comes off with the engine upside down. */
function apartToTurn(scope: Scope = EVERYTHING): Storyteller {
  const story = madeDead(openedFor(tolvane44, scope), tolvane44);
  for (;;) {
    const next = stripNext(sheetIn(story, tolvane44), stateOf(story), '');
    if (!next || next.step.kind === 'turn-over') return story;
    strippedStep(story, next.group, next.step);
  }
}

describe('an engine in its stand', () => {
  it('is turned over before its main caps are let go, and not before', () => {
    const story = apartToTurn();
    expect(stepOf(story)).toEqual({ kind: 'turn-over', to: 'inverted' });
    const [run] = stripRuns(sheetIn(story, tolvane44), stateOf(story), '').filter(
      ({ name }) => name.set === 'main-caps',
    );
    const eased = { key: run?.next?.act.key ?? '', pass: 1 };
    expect(refusalIn(story, tolvane44, 'bolt.eased', eased)).toBe('turn-over-first');
    turnedOver(story, 'inverted');
    expect(refusalIn(story, tolvane44, 'bolt.eased', eased)).toBeNull();
    expect(stepOf(story)?.kind).not.toBe('turn-over');
  });

  it('is not turned over before each thing was seen to, or with hands in, or liners loose', () => {
    const story = apartToTurn();
    const turned = (seen: readonly TurnOverLook[]) =>
      refusalIn(story, tolvane44, 'engine.turned-over', { to: 'inverted', seen });
    for (const { id } of stateOf(story).register)
      story.act('temporary-part.taken-out', { part: id });
    TURN_OVER_LOOKS.forEach((_, left) =>
      expect([left, turned(TURN_OVER_LOOKS.filter((_look, at) => at !== left))]).toEqual([
        left,
        'turn-over-looks',
      ]),
    );
    expect(turned([...TURN_OVER_LOOKS])).toBeNull();
    story.act('hands.in', { where: 'in the sump' });
    expect(turned([...TURN_OVER_LOOKS])).toBe('turn-over-held');
    const holds = holdsOnTurningOver(sheetIn(story, tolvane44), stateOf(story));
    expect(holds.map(({ code }) => code)).toEqual(['hands-in']);
  });

  it('leaves nobody sure of where the crank stands', () => {
    const story = openedFor(tolvane44, EVERYTHING).act('crank.stood', { atDeg: 0, seen: 'mark' });
    expect(stateOf(story).crank.atDeg).toBe(0);
    expect(stateOf(turnedOver(story, 'inverted')).crank.atDeg).toBeNull();
  });

  it('holds its crank while it lies upside down, whose caps are off', () => {
    const story = apartToTurn();
    turnedOver(story, 'inverted');
    const codes = () =>
      holdsOnTurning(sheetIn(story, tolvane44), stateOf(story)).map(({ code }) => code);
    while (!stateOf(story).pieces.off['main-cap/2']) {
      const next = stripNext(sheetIn(story, tolvane44), stateOf(story), '');
      if (!next) throw new Error('no main cap came off');
      strippedStep(story, next.group, next.step);
    }
    expect(codes()).not.toContain('crank-hangs');
    turnedOver(story, 'upright');
    expect(codes()).toContain('crank-hangs');
  });

  it('is worked on as it stands where somebody says why', () => {
    const story = apartToTurn();
    story.act('card.out-of-order', {
      card: 'strip',
      despite: [{ turnOver: 'inverted' }],
      words: 'In a pit, from below.',
    });
    expect(stepOf(story)?.kind).not.toBe('turn-over');
  });

  it('stays as it is in its frame', () => {
    const story = apartToTurn({ kind: 'in-frame' });
    expect(stepOf(story)).toBeUndefined();
    const scoped = sheetIn(story, tolvane44);
    expect(standsWrongFor(scoped, stateOf(story), ['main-cap/1'])).toBeNull();
  });

  it('goes back upright before a head goes on, an order that may be passed over', () => {
    const story = stripped(madeDead(openedFor(tolvane44, EVERYTHING), tolvane44), tolvane44);
    const scoped = sheetIn(story, tolvane44);
    expect(stateOf(story).attitude.stands).toBe('inverted');
    expect(standsWrongFor(scoped, stateOf(story), ['head/1'])).toBe('upright');
    expect(kindOfWait({ code: 'turn-over', to: 'upright' })).toBe('order');
  });
});
