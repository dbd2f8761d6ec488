import { CRANK_PLACED } from '../../checks/check';
import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import type { Piece } from '../../../sheet/assembly/assemblyOf';
import { headOf } from '../../../sheet/assembly/references';
import type {
  ConnectionSpec,
  ContactSpec,
  CrankPlaceSpec,
  EasesSpec,
  FacingSpec,
  HeldBySpec,
  HidesSpec,
  LiftSpec,
  ProofSpec,
  SlidesInSpec,
} from '../../../sheet/spec/assembly';
import type { JointSpec } from '../../../sheet/spec/joint';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import { pistonRoute } from '../../../sheet/pistonRoute';
import { setsToTighten, takesPistonsOut, type JobSheet } from '../../scope';
import { clampersOf } from '../strip/loosening';

/** At which step a piece is on. */
export const FIT_ON = 'on';

/** One step of putting a piece on, with the line of the sheet it is about. */
export type FitStep = { readonly id: string } & (
  | { readonly kind: 'faces' | 'nothing-left' | 'on' }
  | { readonly kind: 'old-joint' | 'bead' | 'joint'; readonly line: JointSpec }
  | { readonly kind: 'contact'; readonly line: ContactSpec }
  | { readonly kind: 'facing'; readonly line: FacingSpec }
  | { readonly kind: 'slides-in'; readonly line: SlidesInSpec }
  | { readonly kind: 'hides'; readonly line: HidesSpec }
  | { readonly kind: 'crank'; readonly line: CrankPlaceSpec }
  | { readonly kind: 'lift'; readonly line: LiftSpec }
  | { readonly kind: 'held'; readonly line: HeldBySpec }
  | { readonly kind: 'by-manual'; readonly line: FastenedSet }
  | { readonly kind: 'connection'; readonly line: ConnectionSpec }
  | { readonly kind: 'prime'; readonly line: string }
  | { readonly kind: 'proof'; readonly line: ProofSpec }
  | { readonly kind: 'again'; readonly line: EasesSpec }
);

/** Steps that wait until what clamps the piece is pulled. */
const AFTER_PULL: readonly FitStep['kind'][] = ['connection', 'prime', 'proof', 'again'];

/** Is this step taken only once the piece is on and pulled down? */
export function isAfterPull({ kind }: FitStep): boolean {
  return AFTER_PULL.includes(kind);
}

/**
 * The steps by which a piece goes on, as its sheet has them: faces, joints, what is oiled and which way it faces, a
 * last look at what it hides, on, tightened, connected, proved.
 */
export function fitSteps(sheet: JobSheet, piece: Piece): readonly FitStep[] {
  const { whole, comesOff } = sheet;
  const { joints = [], hides = [], shuts = [], lift, prime } = piece;
  const each = <Kind extends FitStep['kind'], Line>(
    kind: Kind,
    lines: readonly Line[] = [],
  ): readonly { id: string; kind: Kind; line: Line }[] =>
    lines.map((line, at) => ({ id: `${kind}-${at + 1}`, kind, line }));
  const sealed = joints.filter(({ kind }) => kind !== 'dry');
  const closes = hides.length > 0 || shuts.length > 0;
  const laid = each('joint', sealed);
  const timed = laid.filter(({ line }) => isTimed(line));
  // A piston that goes in part-way on the bench has its rings in its cylinder already.
  const ringsAreIn =
    piece.kind === 'cylinder' && takesPistonsOut(sheet) && pistonRoute(sheet) === 'part-way-out';
  const held = (piece.heldBy ?? []).filter(({ by }) => by !== 'what-lies-on-it');
  return [
    ...(joints.length > 0 ? [{ id: 'faces', kind: 'faces' } as const] : []),
    ...each(
      'old-joint',
      sealed.filter(({ use, kind }) => use !== 'again' && kind !== 'sealant' && kind !== 'paste'),
    ),
    ...laid.filter((step) => !timed.includes(step)),
    ...each('contact', piece.contacts),
    ...each('facing', piece.facings),
    ...crankPlaced(sheet, piece),
    ...each('slides-in', ringsAreIn ? [] : piece.slidesIn),
    ...(closes ? [{ id: 'nothing-left', kind: 'nothing-left' } as const] : []),
    ...each('hides', hides),
    ...(lift ? [{ id: 'lift', kind: 'lift', line: lift } as const] : []),
    // All else is ready before a bead is begun: from then on its time runs.
    ...timed.flatMap((step) => [
      { id: beadOfJoint(step.id), kind: 'bead', line: step.line } as const,
      step,
    ]),
    { id: FIT_ON, kind: 'on' },
    ...each('held', held),
    ...each('by-manual', setsOfManual(sheet, piece)),
    ...each('connection', piece.connections),
    ...(prime === undefined ? [] : [{ id: 'prime', kind: 'prime', line: prime } as const]),
    ...each('proof', piece.prove),
    ...each('again', againAfter(whole, comesOff.eased, piece)),
  ];
}

/** The crank where it must stand; where the piston goes in too, it was brought there for that. */
function crankPlaced(sheet: JobSheet, { kind, crank }: Piece): readonly FitStep[] {
  if (!crank || crank.stands === 'anywhere') return [];
  return kind === 'cylinder' && takesPistonsOut(sheet)
    ? []
    : [{ id: CRANK_PLACED, kind: 'crank', line: crank }];
}

/** Steps of a piece at which the crank is turned: brought to its place, and tried once a cylinder or a rod is pulled. */
export function turningSteps(sheet: JobSheet, piece: Piece): readonly string[] {
  const isOnCrank = ['cylinder', 'rod', 'crank'].includes(piece.kind);
  return fitSteps(sheet, piece).flatMap((step) => {
    const isTried = step.kind === 'proof' && step.line.what === 'turns-freely' && isOnCrank;
    return step.kind === 'crank' || isTried ? [step.id] : [];
  });
}

/** The step at which the bead of a joint is begun. */
function beadOfJoint(joint: string): string {
  return joint.replace('joint', 'bead');
}

/** The step at which a bead that was begun is laid all round. */
export function jointOfBead(bead: string): string {
  return bead.replace('bead', 'joint');
}

/** Does it set meanwhile: is any of its times printed? */
function isTimed({ sealant }: JointSpec): boolean {
  if (!sealant) return false;
  const { closeFrom, closeTo, pullAfter, cure } = sealant;
  return [closeFrom, closeTo, pullAfter, cure].some((time) => time !== undefined);
}

/** Sets that clamp it and have no card: how they are pulled stands in the manual alone. */
function setsOfManual(sheet: JobSheet, { id }: Piece): readonly FastenedSet[] {
  const own = sheet.comesOff.back.filter((instance) => headOf(instance) === id);
  const sets = own.flatMap((instance) => clampersOf(sheet, instance)).map(({ set }) => set);
  return [...new Set(sets)].filter((set) => !setsToTighten(sheet).includes(set));
}

/** What was eased for this piece and is now put right. */
function againAfter(
  whole: JobSheet['whole'],
  eased: JobSheet['comesOff']['eased'],
  piece: Piece,
): readonly EasesSpec[] {
  const { pieceOf } = assemblyGraph(whole);
  const stays = new Set(
    [...eased]
      .filter(([, by]) => by.some((id) => pieceOf(id)?.id === piece.id))
      .map(([id]) => headOf(id)),
  );
  return (piece.eases ?? []).filter((line) => stays.has(headOf(line.piece)));
}
