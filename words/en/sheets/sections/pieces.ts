import { clampReferences } from '@cardinex/core/sheet/assembly/clamped';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { PieceSpec, TemporarySpec } from '@cardinex/core/sheet/spec/assembly';
import { list } from '../../kit';
import {
  connectionSentence,
  heldSentence,
  hiddenSentence,
  jointSentence,
  liftSentence,
  proofSentence,
} from '../../pieceLines';
import { referenceName } from '../../pieces';
import { withinSentence } from '../../sentence';
import { row, type SheetRow } from './rows';

/** Every piece of the engine with all that is said of it. */
export function pieceRows(sheet: EngineSheet): SheetRow[] {
  return (sheet.assembly?.pieces ?? []).flatMap((piece) => [
    row(piece.name, standsSentence(sheet, piece), piece),
    ...lines(piece).map(([label, sentence, line]) =>
      row(`${piece.name}, ${label}`, sentence, {
        from: line.from ?? piece.from,
        source: line.source ?? piece.source,
      }),
    ),
  ]);
}

type Line = readonly [
  label: string,
  sentence: string,
  line: Partial<Pick<PieceSpec, 'from' | 'source'>>,
];

function lines(piece: PieceSpec): readonly Line[] {
  const { joints = [], contacts = [], facings = [], slidesIn = [], hides = [] } = piece;
  const { connections = [], lift, crank, mark, material, prove = [], prime } = piece;
  return [
    ...joints.map((line): Line => ['joint', jointSentence(line), line]),
    ...contacts.map((line): Line => [
      'goes in',
      `${line.what}: ${line.lubricant ?? 'nothing, on purpose'}`,
      line,
    ]),
    ...facings.map((line): Line => [
      'faces',
      line.part === undefined ? line.faces : `${line.part}: ${line.faces}`,
      line,
    ]),
    ...slidesIn.map((line): Line => [
      'slides in',
      line.watch === undefined ? line.what : `${line.what}; ${line.watch}`,
      line,
    ]),
    ...hides.map((line): Line => ['hides', hiddenSentence(line), line]),
    ...connections.map((line): Line => ['connected', connectionSentence(line), line]),
    ...(lift ? [['lifted', liftSentence(lift), lift] satisfies Line] : []),
    ...(crank ? [['crank before it', crank.says, crank] satisfies Line] : []),
    ...(mark?.where === undefined ? [] : [['marked', mark.where, {}] satisfies Line]),
    ...(mark?.never === undefined ? [] : [['never marked', mark.never, {}] satisfies Line]),
    ...(material
      ? [
          [
            'made of',
            material.never === undefined ? material.is : `${material.is}; never ${material.never}`,
            {},
          ] satisfies Line,
        ]
      : []),
    ...prove.map((line): Line => ['proved', proofSentence(line), line]),
    ...(prime === undefined ? [] : [['primed', prime, {}] satisfies Line]),
  ];
}

/** What it rests on, what it shuts, and what holds it. */
function standsSentence(sheet: EngineSheet, piece: PieceSpec): string {
  const named = (references: readonly string[] = []): string =>
    list(references.map((reference) => withinSentence(referenceName(sheet, reference))));
  const { restsOn, shuts, onAfter = [], offAfter = [], eases = [], heldBy = [], inPlace } = piece;
  const sets = (sheet.fastenedSets ?? []).filter((set) =>
    set.fasteners.some((fastener) =>
      clampReferences(sheet, set, fastener).some((reference) => headOf(reference) === piece.id),
    ),
  );
  const held = [...sets.map((set) => withinSentence(set.name)), ...heldBy.map(heldSentence)];
  const said = [
    restsOn && `rests on ${named(restsOn)}`,
    shuts && `shuts ${named(shuts)}`,
    onAfter.length > 0 && `on after ${named(onAfter.map((line) => line.piece))}`,
    offAfter.length > 0 && `off after ${named(offAfter.map((line) => line.piece))}`,
    eases.length > 0 && `eases ${named(eases.map((line) => line.piece))}`,
    held.length > 0 && `held by ${list(held.map(withinSentence))}`,
    inPlace && 'goes on at the engine only',
  ].filter(Boolean);
  return said.length === 0 ? 'stands by itself' : said.join('; ');
}

export function temporaryRows({ assembly }: EngineSheet): SheetRow[] {
  return (assembly?.temporary ?? []).map((part) => row(part.what, BARS[part.bars], part));
}

const BARS: Readonly<Record<TemporarySpec['bars'], string>> = {
  turn: 'bars turning the crank while it is in',
  start: 'bars the start while it is in',
  cover: 'bars covering while it is in',
  lift: 'bars lifting while it is in',
};
