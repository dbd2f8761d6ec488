import { fitRows, rowItem } from '@cardinex/core/job/cards/fit/rows';
import { fitSteps, type FitStep } from '@cardinex/core/job/cards/fit/steps';
import type { JobSheet } from '@cardinex/core/job/scope';
import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import type { Piece } from '@cardinex/core/sheet/assembly/assemblyOf';
import type { JointSpec } from '@cardinex/core/sheet/spec/joint';
import { atStart } from '../kit';
import {
  connectionSentence,
  heldSentence,
  hiddenSentence,
  jointKindName,
  jointSentence,
  liftSentence,
  proofSentence,
} from '../pieceLines';
import { pieceNamed, piecesName, severalOf } from '../pieces';
import { withinSentence } from '../sentence';
import { easeSentence } from './strip';

export const countWords = {
  howMany: (total: number) => `How many are they? ${total} there must be`,
} as const;

/** The pieces of a row that is put on in one go: "Injector 1, 2, 3". */
export function fitRowName(sheet: JobSheet, piece: string, item: string): string {
  const row = fitRows(sheet).find((entry) => entry.piece.id === piece && rowItem(entry) === item);
  if (!row) return item;
  return severalOf(sheet.whole, piece)
    ? piecesName(sheet.whole, row.instances)
    : pieceNamed(sheet.whole, piece);
}

/** A step of putting a piece on, as short as a button needs. */
export function fitStepName(sheet: JobSheet, piece: string, step: string): string {
  const found = stepOf(sheet, piece, step);
  return found ? nameOf(sheet, found, pieceOf(sheet, piece)?.joints ?? []) : step;
}

/** What its sheet says of a step, and what goes wrong at it. */
export function fitStepSays(sheet: JobSheet, piece: string, step: string): readonly string[] {
  const found = stepOf(sheet, piece, step);
  return found ? saysOf(sheet, pieceOf(sheet, piece), found) : [];
}

function pieceOf(sheet: JobSheet, piece: string): Piece | undefined {
  return assemblyGraph(sheet.whole).pieceOf(piece);
}

function stepOf(sheet: JobSheet, piece: string, step: string): FitStep | undefined {
  const spec = pieceOf(sheet, piece);
  return spec && fitSteps(sheet, spec).find(({ id }) => id === step);
}

/** @param all the joints of its piece: of several of one kind each says which it is */
function nameOf({ whole }: JobSheet, step: FitStep, all: readonly JointSpec[]): string {
  switch (step.kind) {
    case 'faces':
      return 'Faces clean';
    case 'old-joint':
      return `Old out: ${joints(step.line, all)}`;
    case 'joint':
      if (step.line.sealant) return `Laid all round: ${joints(step.line, all)}`;
      return step.line.use === 'again'
        ? `In again: ${joints(step.line, all)}`
        : `In: ${joints(step.line, all)}`;
    case 'bead':
      return 'Bead begun';
    case 'contact':
      return `${step.line.what}: ${step.line.lubricant ?? 'left dry'}`;
    case 'facing':
      return 'It faces right';
    case 'slides-in':
      return `Guided in: ${withinSentence(step.line.what)}`;
    case 'nothing-left':
      return 'Nothing left inside';
    case 'hides':
      return `Seen: ${withinSentence(hiddenSentence(step.line))}`;
    case 'crank':
      return 'Crank set';
    case 'lift':
      return 'Lift is ready';
    case 'on':
      return 'It is on';
    case 'held':
      return 'Made fast';
    case 'by-manual':
      return `Pulled: ${withinSentence(step.line.name)}`;
    case 'connection':
      return `${atStart(step.line.what)} on`;
    case 'prime':
      return 'Primed';
    case 'proof':
      return atStart(proofSentence({ what: step.line.what }));
    case 'again':
      return `Put right: ${withinSentence(pieceNamed(whole, step.line.piece))}`;
  }
}

/** How far a piece is drawn up by hand on its bead, and left. */
function nips(piece: Piece | undefined): readonly string[] {
  return (piece?.joints ?? []).flatMap(({ sealant }) =>
    sealant?.nip === undefined ? [] : [`${sealant.nip}.`],
  );
}

/** "gasket", "4 washers": so many are counted. Of several of one kind: "gasket, cork at both end walls". */
function joints(line: JointSpec, all: readonly JointSpec[]): string {
  const { kind, what, count } = line;
  const isOneOfMany = all.some((other) => other !== line && other.kind === kind);
  return [
    withinSentence(jointKindName(line)),
    isOneOfMany && what !== undefined && withinSentence(what),
    count !== undefined && count > 1 && `${count} of them`,
  ]
    .filter(Boolean)
    .join(', ');
}

function saysOf(sheet: JobSheet, piece: Piece | undefined, step: FitStep): readonly string[] {
  switch (step.kind) {
    case 'faces': {
      const never = piece?.material?.never;
      return [
        'Both faces bare, no bit of the old joint, no oil. Looked at along the edge.',
        ...(never === undefined ? [] : [`${atStart(piece?.material?.is ?? '')}: never ${never}.`]),
      ];
    }
    case 'old-joint':
      return [
        step.line.oldStaysOn === undefined
          ? 'Counted out. One left on lifts the new one.'
          : `Counted out. It clings to ${step.line.oldStaysOn}: look there.`,
      ];
    case 'joint':
      return [`${jointSentence(step.line)}.`];
    case 'bead':
      return [
        `${jointSentence(step.line)}.`,
        'All else is ready, the piece to hand: press as the nozzle touches, for its time runs from here.',
      ];
    case 'contact':
      return [];
    case 'facing':
      return [`${step.line.part ?? pieceNamed(sheet.whole, piece?.id ?? '')}: ${step.line.faces}.`];
    case 'slides-in':
      return step.line.watch === undefined ? [] : [`${atStart(step.line.watch)}.`];
    case 'nothing-left':
      return ['Rags, tools and plugs counted: whatever is in there now stays.'];
    case 'hides':
      return ['It cannot be seen any more once this is on.'];
    case 'crank':
      return [step.line.says];
    case 'lift':
      return [`${liftSentence(step.line)}.`, 'Nobody beneath it; hands out of the gap.'];
    case 'on':
      return ['By hand, flush all round. Never drawn down by its bolts.', ...nips(piece)];
    case 'held':
      return [`${heldSentence(step.line)}.`];
    case 'by-manual':
      return ['This sheet has no figures for it: by the manual, in its steps and its order.'];
    case 'connection':
      return [`${connectionSentence(step.line)}.`];
    case 'prime':
      return [`${atStart(step.line)}.`];
    case 'proof':
      return [`${atStart(proofSentence(step.line))}.`];
    case 'again':
      return [easeSentence(sheet, { piece: step.line.piece, line: step.line })];
  }
}
