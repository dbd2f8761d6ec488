import { until } from '@cardinex/demo/intakeStory';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import type { EngineSheet } from '../../../sheet/engineSheet';
import type { ActData } from '../../act';
import { sheetOfJob } from '../../sheetOfJob';
import { onlyToPutOn, Walk } from '../../tests/walk';
import { trayOf } from '../../tray';
import { trayGroups } from '../../trayGroups';
import { clocksOfRow, phaseOf } from './clocks';
import { fitRows, rowItem } from './rows';
import { rowsOfPiece } from './standing';

/** An engine of which only this piece is off. */
function off(sheet: EngineSheet, piece: string): Walk {
  return onlyToPutOn(sheet, { kind: 'pieces', also: [piece] });
}

/** Everything of a piece up to a step. */
function upTo(walk: Walk, piece: string, step: string): ActData['check.seen'] {
  for (let seen = walk.stepOf(piece); seen; seen = walk.stepOf(piece)) {
    if (seen.step === step) return seen;
    dried(walk, piece);
    walk.act('check.seen', seen);
  }
  throw new Error(`${piece} has no step ${step}`);
}

/** Lets glue dry that the next step waits for. */
function dried(walk: Walk, piece: string): void {
  const { reason } = walk.entry('fit', piece) ?? {};
  if (reason?.code === 'not-closed-yet') until(walk.story, reason.until);
}

const MANIFOLD = 'inlet-manifold';
const BEAD = 'bead-3';

/** The Castry with the bead of its valley manifold begun: tacky from 3 minutes to 10, pulled after an hour. */
function beadBegun(): { readonly walk: Walk; readonly on: ActData['check.seen'] } {
  const walk = off(castryV8, MANIFOLD);
  const begin = upTo(walk, MANIFOLD, BEAD);
  dried(walk, MANIFOLD);
  walk.act('check.seen', begin);
  return { walk, on: upTo(walk, MANIFOLD, 'on') };
}

const standing = (walk: Walk) => walk.entry('fit', MANIFOLD);

function phase(walk: Walk, sheet: EngineSheet, piece: string) {
  const scoped = sheetOfJob(sheet, walk.state);
  const row = fitRows(scoped).find((entry) => entry.piece.id === piece);
  const clocks = row ? clocksOfRow(scoped, walk.state, row) : [];
  const clock = clocks.find(({ step }) => step.startsWith('bead'));
  return clock && phaseOf(clock, walk.story.now);
}

describe('a bead', () => {
  it('is begun last of all before the piece goes on, for its time runs from there', () => {
    const walk = off(castryV8, MANIFOLD);
    const seen = upTo(walk, MANIFOLD, BEAD);
    // Glue dries first: the bead would be past its time before it has.
    expect(walk.refusal('check.seen', seen)).toBe('still-setting');
    dried(walk, MANIFOLD);
    const rest = [];
    walk.act('check.seen', seen);
    for (let next = walk.stepOf(MANIFOLD); next?.step !== 'on'; next = walk.stepOf(MANIFOLD)) {
      if (!next) throw new Error('never on');
      rest.push(next.step);
      walk.act('check.seen', next);
    }
    expect(rest).toEqual(['joint-3']);
  });

  it('is not closed before it is tacky, but by whoever says why', () => {
    const { walk, on } = beadBegun();
    expect(standing(walk)).toMatchObject({ status: 'waiting', reason: { code: 'not-closed-yet' } });
    expect(walk.refusal('check.seen', on)).toBe('still-setting');
    expect(walk.refusal('check.seen', { ...on, words: 'rain is coming' })).toBeNull();
  });

  it('is closed while it is tacky', () => {
    const { walk, on } = beadBegun();
    walk.story.wait(4);
    expect(standing(walk)).toMatchObject({ status: 'open', reason: { code: 'close-by' } });
    walk.act('check.seen', on);
  });

  it('that is past its time closes nothing, whatever is said, before it is wiped off and laid anew', () => {
    const { walk, on } = beadBegun();
    walk.story.wait(11);
    expect(standing(walk)).toMatchObject({
      status: 'open',
      needsAttention: true,
      reason: { code: 'bead-too-old' },
    });
    expect(walk.refusal('check.seen', on)).toBe('bead-too-old');
    expect(walk.refusal('check.seen', { ...on, words: 'it looks good' })).toBe('bead-too-old');
    walk.act('joint.wiped-off', { piece: on.item, step: BEAD });
    expect(walk.stepOf(MANIFOLD)?.step).toBe(BEAD);
    expect(walk.refusal('check.seen', on)).not.toBeNull();
    walk.act('check.seen', upTo(walk, MANIFOLD, BEAD));
    const again = upTo(walk, MANIFOLD, 'on');
    walk.story.wait(4);
    walk.act('check.seen', again);
  });

  it('is wiped off only where one lies open', () => {
    const { walk, on } = beadBegun();
    const wiped = { piece: on.item, step: BEAD };
    expect(walk.refusal('joint.wiped-off', { ...wiped, step: 'bead-9' })).toBe('no-bead');
    walk.story.wait(4);
    walk.act('check.seen', on);
    expect(walk.refusal('joint.wiped-off', wiped)).toBe('no-bead');
  });

  it('that was only nipped holds up the pull of what clamps the piece, and nothing else', () => {
    const { walk, on } = beadBegun();
    walk.story.wait(4);
    walk.act('check.seen', on);
    const pull = () => walk.entry('tighten', 'manifold');
    expect(pull()).toMatchObject({
      status: 'barred',
      needsAttention: false,
      reason: { code: 'clock', bars: 'pull' },
    });
    expect(trayGroups(walk.tray).waits).toContainEqual(pull());
    const others = walk.tray.filter(({ card }) => card !== 'tighten');
    expect(others.filter(({ reason }) => reason.code === 'clock')).toEqual([]);
    walk.story.wait(60);
    expect(pull()?.status).toBe('open');
  });

  it('goes on curing once it is pulled, until its hours are over', () => {
    const { walk, on } = beadBegun();
    walk.story.wait(4);
    walk.act('check.seen', on);
    walk.story.wait(60);
    expect(phase(walk, castryV8, MANIFOLD)).toMatchObject({ is: 'curing', bars: ['fill', 'run'] });
    walk.story.wait(8 * 60);
    expect(phase(walk, castryV8, MANIFOLD)).toEqual({ is: 'over' });
  });

  it('is timed the same wherever it is looked at: all of it stands in the log', () => {
    const { walk } = beadBegun();
    const other = new Walk(walk.story, castryV8);
    expect(phase(other, castryV8, MANIFOLD)).toEqual(phase(walk, castryV8, MANIFOLD));
  });

  it('that is taken back was never begun', () => {
    const { walk } = beadBegun();
    const begun = walk.story
      .end()
      .acts.findLast(({ data }) => (data as { readonly step?: string }).step === BEAD);
    walk.act('struck', { target: begun?.id ?? '', words: 'mis-tap' });
    expect(phase(walk, castryV8, MANIFOLD)).toBeUndefined();
  });
});

describe('a bead that is closed wet', () => {
  it('may be closed at once, and has a last minute', () => {
    const walk = off(orrin6t, 'front-cover');
    const on = upTo(walk, 'front-cover', 'on');
    expect(phase(walk, orrin6t, 'front-cover')).toMatchObject({ is: 'to-close' });
    walk.story.wait(30);
    expect(walk.refusal('check.seen', on)).toBe('bead-too-old');
  });
});

describe('rows of which nothing sets', () => {
  it('have no clock, and no step more', () => {
    const walk = off(castryV8, 'riser');
    const scoped = sheetOfJob(castryV8, walk.state);
    for (const { row } of rowsOfPiece(scoped, walk.state, 'riser'))
      expect([rowItem(row), clocksOfRow(scoped, walk.state, row)]).toEqual([rowItem(row), []]);
    expect(trayOf(castryV8, walk.state, walk.story.now).length).toBeGreaterThan(0);
  });
});
