import type { ActData } from '@cardinex/core/job/act';
import { isBuildKind } from '@cardinex/core/job/checks/check';
import { heated, setsAfterHeat } from '@cardinex/core/job/cards/after-heat/programme';
import { fitCheckId } from '@cardinex/core/job/cards/fit/checks';
import { clockAgainst } from '@cardinex/core/job/cards/fit/clocks';
import { countedAt } from '@cardinex/core/job/cards/fit/counted';
import { fitPieces, fitRows, rowItem, type FitRow } from '@cardinex/core/job/cards/fit/rows';
import { rowsOfPiece } from '@cardinex/core/job/cards/fit/standing';
import { fitSteps, type FitStep } from '@cardinex/core/job/cards/fit/steps';
import { isolationOf } from '@cardinex/core/job/cards/dead/checks';
import { isByStripAlone } from '@cardinex/core/job/cards/shells/clearances';
import { checkOf, checksOn } from '@cardinex/core/job/checks/allChecks';
import type { Check, CheckCard } from '@cardinex/core/job/checks/check';
import { kitOf } from '@cardinex/core/job/cards/parts/view';
import { THICKNESS } from '@cardinex/core/job/cards/inspect/checks';
import { camInHead, setsInScope, timesEngine, TOP, type JobSheet } from '@cardinex/core/job/scope';
import { figureMm } from '@cardinex/core/quantity/figureMm';
import { groupOf, planOf, setOf } from '@cardinex/core/sheet/programmeOf';
import { heightsOf } from '@cardinex/core/sheet/spec/block';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { marksOf } from '@cardinex/core/job/cards/mark/view';
import {
  oldBoltsOf,
  stripNext,
  type OffGroup,
  type OffStep,
} from '@cardinex/core/job/cards/strip/view';
import type { RunView } from '@cardinex/core/job/run/views';
import { TURN_OVER_LOOKS } from '@cardinex/core/job/facts/attitude';
import type { StandsHow } from '@cardinex/core/sheet/spec/assembly';
import { linersLoose } from '@cardinex/core/job/linersLoose';
import { fold } from '@cardinex/core/job/evolve';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import type { JobState } from '@cardinex/core/job/state';
import { cylindersOf, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { lockside } from './shops';
import type { Storyteller } from './storyteller';
import { DEMO_TOOL, demoTool } from './tools';

/*
 * The first part of a job told in strokes, so that a story can begin where it is of interest.
 */

/** How a story stands so far. */
export function stateOf(story: Storyteller): JobState {
  return fold(
    story.end().acts.map((act, place) => ({ ...act, seq: place + 1, receivedAt: act.at })),
  ).state;
}

/** The sheet a story's job works by. */
export function sheetIn(story: Storyteller, sheet: EngineSheet) {
  return sheetOfJob(sheet, stateOf(story));
}

/** Everything that makes it dead. */
export function madeDead(story: Storyteller, sheet: EngineSheet): Storyteller {
  return isolationOf(sheet).reduce(
    (soFar, item) => soFar.act('check.seen', { check: 'dead', item, found: 'good' }),
    story,
  );
}

/** Every part marked as it should be. */
export function marked(story: Storyteller, sheet: EngineSheet): Storyteller {
  return marksOf(sheetIn(story, sheet)).reduce(
    (soFar, { id: mark, kind, code, place }) => soFar.act('mark.made', { mark, kind, code, place }),
    story,
  );
}

/** Every piece off in its order, marked and slackened before it, the liners held; the bolts counted. */
export function stripped(story: Storyteller, sheet: EngineSheet): Storyteller {
  const scoped = sheetIn(story, sheet);
  for (let next = stripNext(scoped, stateOf(story), ''); next;) {
    strippedStep(story, next.group, next.step);
    next = stripNext(scoped, stateOf(story), '');
  }
  for (const { set, group, count } of oldBoltsOf(scoped)) {
    const uses = typeof group.uses === 'object' ? { uses: 0 } : {};
    story.act('bolts.counted', { set: set.id, group: group.id, count, ...uses });
  }
  return story;
}

/** Whatever can go on goes on, row by row with all its steps, until the rest waits for something else. */
export function putOn(story: Storyteller, sheet: EngineSheet): Storyteller {
  const scoped = sheetIn(story, sheet);
  const rowsToGo = () => {
    const state = stateOf(story);
    return fitPieces(scoped)
      .flatMap(({ id }) => rowsOfPiece(scoped, state, id))
      .filter(({ stands }) => stands === 'open');
  };
  for (let [open] = rowsToGo(); open; [open] = rowsToGo()) {
    for (const step of fitSteps(scoped, open.row.piece)) putOnStep(story, scoped, open.row, step);
  }
  return story;
}

interface HowFar {
  /** The step it is put on up to, which is not taken; to the end unless given. */
  readonly upTo?: string;
  /** ISO time at which its bead is begun; as soon as it can be, unless given. */
  readonly beadAt?: string;
}

/** The first row of a piece goes on, whatever else is off. */
export function putOnRow(
  story: Storyteller,
  sheet: JobSheet,
  piece: string,
  { upTo, beadAt }: HowFar = {},
): Storyteller {
  const row = fitRows(sheet).find((entry) => entry.piece.id === piece);
  if (!row) throw new Error(`${piece} does not go on by itself`);
  for (const step of fitSteps(sheet, row.piece)) {
    if (step.id === upTo) break;
    if (step.kind === 'bead' && beadAt !== undefined) until(story, beadAt);
    putOnStep(story, sheet, row, step);
  }
  return story;
}

/** A step of putting a row on, once what it waits for has set. */
function putOnStep(story: Storyteller, sheet: JobSheet, row: FitRow, step: FitStep): void {
  leftToSet(story, sheet, row, step);
  story.act('check.seen', fitSeen(row, step));
}

/** Lets the time pass that a joint takes before a step. */
function leftToSet(story: Storyteller, sheet: JobSheet, row: FitRow, step: FitStep): void {
  const sets = (row.piece.joints ?? []).some(({ sealant, glued }) => sealant ?? glued);
  const against = sets ? clockAgainst(sheet, stateOf(story), row, step, () => story.now) : null;
  if (against?.is === 'too-early') until(story, against.until);
}

/** Nothing is done before then. */
export function until(story: Storyteller, at: string): void {
  story.wait((Date.parse(at) - Date.parse(story.now)) / 60_000);
}

/** A step of putting a row of pieces on, as it should be; joints counted where there are any. */
export function fitSeen(row: FitRow, step: FitStep): ActData['check.seen'] {
  const count = countedAt(row, step);
  return {
    check: fitCheckId(row.piece.id),
    item: rowItem(row),
    step: step.id,
    found: 'good',
    ...(count !== null && { count }),
  };
}

/** One step of taking a piece off. */
export function strippedStep(story: Storyteller, group: OffGroup, step: OffStep): void {
  switch (step.kind) {
    case 'wait':
      throw new Error(`${group.piece.id} waits for ${step.pieces.join(', ')}`);
    case 'held':
      linersClamped(story);
      return;
    case 'turn-over':
      turnedOver(story, step.to);
      return;
    case 'mark': {
      for (const { id: mark, kind, code, place } of step.marks)
        story.act('mark.made', { mark, kind, code, place });
      return;
    }
    case 'ease':
      story.act('piece.eased', { piece: step.piece, off: step.off });
      return;
    case 'slacken':
      slackenedRun(story, step.run);
      return;
    case 'unclamp':
      story.act('temporary-part.taken-out', { part: step.part.id });
      return;
    case 'off':
      story.act('piece.off', { pieces: step.instances, found: 'sound' });
  }
}

/** Turned over in its stand, with what has to be seen to; what would drop out of it is held. */
export function turnedOver(story: Storyteller, to: StandsHow): Storyteller {
  if (linersLoose(sheetIn(story, story.sheet), stateOf(story))) linersClamped(story);
  return story.act('engine.turned-over', { to, seen: [...TURN_OVER_LOOKS] });
}

/** Held down by clamps, each lot of them by a name of its own. */
function linersClamped(story: Storyteller): void {
  story.act('temporary-part.put-in', {
    part: `liner-clamps-${stateOf(story).register.length}`,
    kind: 'liner-clamp',
    what: 'Liner clamps',
    where: 'deck',
    bars: 'cover',
  });
}

function slackenedRun(story: Storyteller, { stages }: RunView): void {
  const jacks = stages.some(({ stage }) => stage.kind === 'hydraulic');
  if (jacks && !stateOf(story).cautions.hydraulics)
    story.act('caution.acknowledged', { caution: 'hydraulics' });
  for (const { act } of stages.flatMap(({ bolts }) => bolts)) story.oneOf(act);
}

/** Readings of a check, item by item, each at its places in order. */
export function measured(
  story: Storyteller,
  sheet: EngineSheet,
  check: string,
  rows: Readonly<Record<string, readonly number[]>>,
): Storyteller {
  const places = checkOf(sheetIn(story, sheet), check)?.places ?? [];
  for (const [item, values] of Object.entries(rows)) {
    values.forEach((mm, nth) => {
      const place = places[nth] ?? '';
      const printed = { text: String(mm), unit: 'mm' as const };
      story.act('check.read', { check, item, ...(place !== '' && { place }), mm, printed });
    });
  }
  return story;
}

/** Everything that is needed laid beside the old, and right. */
export function partsIn(story: Storyteller, sheet: EngineSheet): Storyteller {
  return kitOf(sheetIn(story, sheet), stateOf(story)).reduce(
    (soFar, { id: part, count = 1 }) =>
      soFar.act('part.arrived', { part, count, verdict: 'right' }),
    story,
  );
}

/** Every check of a card gone through: what is seen is good, what is measured as it should be. */
export function allGood(story: Storyteller, sheet: EngineSheet, card: CheckCard): Storyteller {
  const scoped = sheetIn(story, sheet);
  for (const check of checksOn(scoped, card)) {
    for (const item of check.items) {
      for (const place of check.places) tickOrRead(story, scoped, check, item, place);
    }
  }
  return story;
}

/** One place of a check: seen and good, or read as it should be. */
export function tickOrRead(
  story: Storyteller,
  sheet: JobSheet,
  check: Check,
  item: string,
  place: string,
): void {
  const at = { check: check.id, item };
  if (check.way === 'seen') {
    story.act('check.seen', {
      ...at,
      ...(place !== '' && { step: place }),
      found: 'good',
      ...(check.kind === 'shells-found' && { wear: 'even' }),
    });
  } else if (check.way === 'read') {
    const mm = soundMm(sheet, check, item, place);
    const printed = { text: String(mm), unit: 'mm' as const };
    const direct = isByStripAlone(check) && { direct: true as const };
    story.act('check.read', { ...at, ...(place !== '' && { place }), mm, printed, ...direct });
  }
}

/** Where between nought and one a thing lies by its name: no two parts of an engine are worn alike. */
function shareOf(...names: readonly string[]): number {
  const sum = [...names.join('/')].reduce((so, char) => (so * 31 + char.charCodeAt(0)) % 9973, 17);
  return sum / 9973;
}

/** A reading nobody would wonder about, and none the same as its fellow. */
export function soundMm(sheet: JobSheet, check: Check, item: string, place: string): number {
  const journal = sheet.journals?.find(({ id }) => id === check.journal);
  const own = shareOf(check.id, item, place);
  const round = (mm: number): number => Number(mm.toFixed(3));
  const hundredths = (mm: number): number => Number(mm.toFixed(2));
  const { kind } = check;
  if (isBuildKind(kind) && kind !== 'end-float') return 0.1;
  switch (kind) {
    case 'flatness':
      return item === THICKNESS && sheet.head?.standardThickness
        ? hundredths(figureMm(sheet.head.standardThickness) - 0.01 - 0.03 * own)
        : hundredths(0.01 + 0.02 * own);
    case 'lengths': {
      const set = setOf(sheet, check.set ?? '');
      const fastener = set?.fasteners.find(({ id }) => id === item);
      const length = set && fastener && groupOf(set, fastener)?.length;
      return hundredths((length ? figureMm(length) : 100) + 0.02 + 0.16 * own);
    }
    case 'bores':
      return round((sheet.bore ? figureMm(sheet.bore) : 100) + 0.012 + 0.012 * own);
    case 'journals':
      return round((journal?.standard.high ? figureMm(journal.standard.high) : 50) - 0.006 * own);
    case 'clearances': {
      const least = journal?.clearance?.low ? figureMm(journal.clearance.low) : 0;
      if (isByStripAlone(check)) return hundredths(least + 0.01 + 0.02 * own);
      const shaft = journal?.standard.high ? figureMm(journal.standard.high) : 50;
      return round(shaft + least + 0.008 + 0.008 * own);
    }
    case 'rings':
      return hundredths(
        (sheet.sealingRing?.new ? figureMm(sheet.sealingRing.new) : 4) - 0.02 * own,
      );
    case 'holes':
    case 'look':
    case 'unclamped':
    case 'shells-found':
      return 0.1;
    case 'end-float': {
      const least = journal?.endFloat?.low;
      return place === 'back' ? hundredths((least ? figureMm(least) : 0.1) + 0.03 + 0.04 * own) : 0;
    }
  }
}

/**
 * The head, and whatever else closes the top, pulled down on a job where all before it was done elsewhere, and
 * the caution about barring acknowledged: the overhead is next.
 * @param standOutMm at which every liner stands, where it has wet ones
 */
export function headOn(story: Storyteller, sheet: EngineSheet, standOutMm?: number): Storyteller {
  headNext(story, sheet, standOutMm);
  const wheels = (): Storyteller => pulled(story, sheet, (kind) => kind === 'timing-wheels');
  if (timesEngine(sheetIn(story, sheet)))
    story.act('card.left-out', { card: 'timing', words: 'Done elsewhere.' });
  if (!camInHead(sheet)) wheels();
  pulled(story, sheet, (kind) => TOP.includes(kind));
  if (camInHead(sheet)) wheels();
  pulled(story, sheet, (kind) => AFTER_TOP.includes(kind));
  return story.act('caution.acknowledged', { caution: 'barring' });
}

/** What is pulled down before the gaps are set. */
const AFTER_TOP: readonly FastenedSet['kind'][] = ['rockers', 'injector-clamps', 'manifold'];

/** The same on an engine with its camshaft in the head, its timing still to be set. */
export function topDown(story: Storyteller, sheet: EngineSheet): Storyteller {
  headNext(story, sheet);
  pulled(story, sheet, (kind) => TOP.includes(kind));
  return story.act('caution.acknowledged', { caution: 'barring' });
}

/** Every set of some kinds pulled from first to last. */
function pulled(
  story: Storyteller,
  sheet: EngineSheet,
  kinds: (kind: FastenedSet['kind']) => boolean,
): Storyteller {
  for (const set of setsInScope(sheetIn(story, sheet)).filter(({ kind }) => kinds(kind)))
    for (const instance of set.instances) story.wholeRun(set, instance, wrenchFor(sheet, set));
  return story;
}

/** The same with its head still to be pulled. */
export function headNext(story: Storyteller, sheet: EngineSheet, standOutMm?: number): Storyteller {
  madeDead(story, sheet);
  const elsewhere = ['mark', 'strip', 'parts', 'inspect', 'stand-out', 'covering', 'fit'] as const;
  for (const card of elsewhere) story.act('card.left-out', { card, words: 'Done elsewhere.' });
  if (standOutMm === undefined) return story;
  const places = heightsOf(sheet.liners)?.places ?? [];
  for (const bore of cylindersOf(sheet)) story.liner(String(bore), ...places.map(() => standOutMm));
  return story.act('liners.accepted', {});
}

/** Run to working heat, left to cool, and pulled again as the maker asks. */
export function pulledAfterHeat(story: Storyteller, sheet: EngineSheet): Storyteller {
  story.act('heat.reached', { words: 'an hour under load' }).wait(300);
  for (const set of setsAfterHeat(sheetIn(story, sheet)))
    for (const instance of set.instances)
      story.wholeRun(heated(set), instance, wrenchFor(sheet, set));
  return story;
}

/** A wrench of the crib that reaches every torque of a set. */
export function wrenchFor(sheet: EngineSheet, set: FastenedSet): string {
  const asked = (planOf(set, set.instances[0] ?? '1')?.acts ?? []).flatMap(({ nm }) => nm ?? []);
  const crib = [DEMO_TOOL.wrench1, DEMO_TOOL.wrench3, DEMO_TOOL.wrench5, DEMO_TOOL.wrench7];
  const found = crib.find((id) => {
    const tool = demoTool(lockside, id, new Date(0));
    return (
      tool.kind === 'torque-wrench' &&
      asked.every((nm) => tool.spec.lowNm <= nm && nm <= tool.spec.highNm)
    );
  });
  if (!found) throw new Error(`no wrench for ${sheet.id}`);
  return found;
}
