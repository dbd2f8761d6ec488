import { turnOverToStrip } from '../../attitude';
import type { StandsHow, EasesSpec } from '../../../sheet/spec/assembly';
import type { BoltsCounted } from '../../facts/oldBolts';
import { easedKey } from '../../facts/pieces';
import type { CrankHold } from '../../facts/crank';
import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import type { Piece } from '../../../sheet/assembly/assemblyOf';
import { inRows } from '../../../sheet/assembly/reached';
import { headOf } from '../../../sheet/assembly/references';
import { memoizeByObject } from '../../../sheet/memoize';
import { groupOf } from '../../../sheet/programmeOf';
import type { FastenedSet, FastenerGroup } from '../../../sheet/spec/fastening';
import type { TemporaryPart } from '../../facts/register';
import { linerClamps, linersLoose } from '../../linersLoose';
import { runDone } from '../../run/runView';
import type { RunView } from '../../run/views';
import { setsInScope, type JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { capsOneByOne, isByTheCap } from '../bearings/caps';
import { markViews, type Mark } from '../mark/view';
import { looseningRun, looseningsOf, onBeforeLoosening } from './loosening';

/** The slackening runs of a job, in the order in which what they clamp comes off. */
export function stripRuns(sheet: JobSheet, state: JobState, now: string): readonly RunView[] {
  return looseningsOf(sheet).flatMap((entry) => looseningRun(sheet, state, entry, now) ?? []);
}

/** Pieces of one kind that come off one after the other. */
export interface OffGroup {
  readonly piece: Piece;
  readonly instances: readonly string[];
  /** One at a time: each has bolts of its own, or is lifted. Else as a row. */
  readonly single: boolean;
}

/** What comes off, kind by kind, in the order it does. */
export const offGroups = memoizeByObject((sheet: JobSheet): readonly OffGroup[] => {
  const { pieceOf } = assemblyGraph(sheet.whole);
  const clamped = new Set(looseningsOf(sheet).flatMap(({ clamps }) => clamps));
  const oneByOne = new Set(capsOneByOne(sheet).map(({ piece: cap }) => cap));
  const off = sheet.comesOff.order.filter((id) => !oneByOne.has(id));
  return inRows(off).flatMap((instances) => {
    const piece = pieceOf(instances[0] ?? '');
    if (!piece) return [];
    const single = piece.lift !== undefined || instances.some((id) => clamped.has(id));
    return [{ piece, instances, single }];
  });
});

/** What is next before a piece of a group is off. */
export type OffStep =
  /** Other pieces come off first. */
  | { readonly kind: 'wait'; readonly pieces: readonly string[] }
  /** The engine stands otherwise than these are taken off. */
  | { readonly kind: 'turn-over'; readonly to: StandsHow }
  /** Liners would lift: they are clamped first. */
  | { readonly kind: 'held'; readonly hold: CrankHold }
  /** Liners come out, and are still clamped. */
  | { readonly kind: 'unclamp'; readonly part: TemporaryPart }
  | {
      readonly kind: 'mark';
      readonly marks: readonly Mark[];
      readonly instances: readonly string[];
    }
  | {
      readonly kind: 'ease';
      readonly piece: string;
      readonly off: string;
      readonly line: EasesSpec | undefined;
    }
  | { readonly kind: 'slacken'; readonly run: RunView; readonly instances: readonly string[] }
  | { readonly kind: 'off'; readonly instances: readonly string[] };

/**
 * What is to be done next at a group of pieces; its marks first, its fasteners last before it is off.
 * @param now ISO time
 * @returns null once all of it is off
 */
export function offStep(
  sheet: JobSheet,
  state: JobState,
  now: string,
  group: OffGroup,
): OffStep | null {
  const left = group.instances.filter((id) => !state.pieces.off[id]);
  const [first] = left;
  if (first === undefined) return null;
  const { before } = sheet.comesOff;
  const on = (id: string): readonly string[] =>
    (before.get(id) ?? []).filter((other) => !state.pieces.off[other]);
  const free = left.filter((id) => on(id).length === 0);
  const instances = group.single ? free.slice(0, 1) : free;
  if (instances.length === 0) return { kind: 'wait', pieces: on(first) };
  const hold = heldUp(sheet, state, group.piece);
  if (hold) return { kind: 'held', hold };
  const [part] = group.piece.kind === 'liner' ? linerClamps(state) : [];
  if (part) return { kind: 'unclamp', part };
  const to = turnOverToStrip(sheet, state, instances);
  if (to !== null) return { kind: 'turn-over', to };
  const marks = marksBefore(sheet, state, instances);
  if (marks.length > 0) return { kind: 'mark', marks, instances };
  const [ease] = toEase(sheet, state, instances);
  if (ease) return { kind: 'ease', ...ease };
  for (const entry of looseningsOf(sheet)) {
    if (!entry.clamps.some((id) => instances.includes(id))) continue;
    const run = looseningRun(sheet, state, entry, now);
    if (!run || runDone(run)) continue;
    const pieces = onBeforeLoosening(sheet, state, entry);
    return pieces.length > 0 ? { kind: 'wait', pieces } : { kind: 'slacken', run, instances };
  }
  return { kind: 'off', instances };
}

/** Why pieces of a kind may not come off though nothing stands over them. */
function heldUp(sheet: JobSheet, state: JobState, { kind }: Piece): CrankHold | null {
  return kind === 'rod-and-piston' && linersLoose(sheet, state) ? { code: 'liners-loose' } : null;
}

/** What is still to be marked before these pieces are off. */
export function marksBefore(
  sheet: JobSheet,
  { marks, leftOut }: Pick<JobState, 'marks' | 'leftOut'>,
  pieces: readonly string[],
): readonly Mark[] {
  if (leftOut.mark) return [];
  return markViews(sheet, marks)
    .filter(({ mark, made }) => !made && mark.pieces.some((id) => pieces.includes(id)))
    .map(({ mark }) => mark);
}

/** A piece that stays and is eased before another comes off. */
interface ToEase {
  readonly piece: string;
  readonly off: string;
  readonly line: EasesSpec | undefined;
}

/** What is still to be eased before these pieces are off. */
export function toEase(
  { whole, comesOff }: JobSheet,
  { pieces: { eased } }: Pick<JobState, 'pieces'>,
  pieces: readonly string[],
): readonly ToEase[] {
  const { pieceOf } = assemblyGraph(whole);
  return pieces.flatMap((off) =>
    [...comesOff.eased]
      .filter(([piece, by]) => by.includes(off) && !eased[easedKey({ piece, off })])
      .map(([piece]) => ({
        piece,
        off,
        line: pieceOf(off)?.eases?.find((line) => headOf(line.piece) === headOf(piece)),
      })),
  );
}

/**
 * What is next on the way off: the first group that is not off and waits for no other, and its next step. Fasteners may
 * hold more than the piece that is next, so that another has to come off before they are let go.
 */
export function stripNext(
  sheet: JobSheet,
  state: JobState,
  now: string,
): { readonly group: OffGroup; readonly step: OffStep } | null {
  let waits: { readonly group: OffGroup; readonly step: OffStep } | null = null;
  for (const group of offGroups(sheet)) {
    const step = offStep(sheet, state, now, group);
    if (!step) continue;
    if (step.kind !== 'wait') return { group, step };
    waits ??= { group, step };
  }
  return waits;
}

/** Bolts of one kind that came out, to be counted into a bag. */
export interface OldBolts {
  readonly key: string;
  readonly set: FastenedSet;
  readonly group: FastenerGroup;
  /** As many as there are on this job. */
  readonly count: number;
  /** Not to be used again, and kept until the new ones lie beside them. */
  readonly spent: boolean;
}

/**
 * The bolts of the sets in scope, by group: which are spent, and how many there must be. Those of a cap that comes off
 * by itself never leave it.
 */
export const oldBoltsOf = memoizeByObject((sheet: JobSheet): readonly OldBolts[] =>
  setsInScope(sheet)
    .filter(({ id }) => !isByTheCap(sheet, id))
    .flatMap((set) =>
      set.groups.map((group) => ({
        key: `${set.id}/${group.id}`,
        set,
        group,
        count:
          set.instances.length *
          set.fasteners.filter((fastener) => groupOf(set, fastener) === group).length,
        spent: group.uses === 'one',
      })),
    ),
);

/** May these go in again? Null while it is not known how often they have been used. */
export function mayBeUsedAgain(
  { group }: OldBolts,
  counted: BoltsCounted | undefined,
): boolean | null {
  if (group.uses === 'one') return false;
  if (group.uses === 'until-limit') return true;
  return counted?.uses === undefined ? null : counted.uses < group.uses.most;
}
