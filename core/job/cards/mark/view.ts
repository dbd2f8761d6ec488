import type { MarkKind, MarkPlace, MadeMark, MarksState } from '../../facts/marks';
import { cylindersOf } from '../../../sheet/engineSheet';
import { memoizeByObject, memoizeByPair } from '../../../sheet/memoize';
import type { EngineEnd } from '../../../sheet/spec/layout';
import type { Valve } from '../../../sheet/spec/overhead';
import {
  cylindersInScope,
  hasWetLiners,
  openToShells,
  setsInScope,
  takesPistonsOut,
  type JobSheet,
} from '../../scope';

/** A part that is marked before it leaves its place. */
export interface Mark {
  readonly id: string;
  readonly kind: MarkKind;
  /** What is written on it, or on its bag. */
  readonly code: string;
  readonly place: MarkPlace;
  readonly cylinder?: number;
  readonly valve?: Valve;
}

/** Letters that tell one kind of part from another on a tag. */
const LETTER: Readonly<Record<MarkKind, string>> = {
  rod: 'R',
  liner: 'L',
  'push-rod': 'P',
  rocker: 'K',
  tappet: 'T',
  'tappet-shim': 'S',
  'liner-shim': 'H',
  shells: 'B',
  bolts: 'X',
};

/** Everything to be marked on a job before it leaves its place, in the order it comes away. */
export const marksOf = memoizeByObject((sheet: JobSheet): readonly Mark[] => [
  ...boltMarks(sheet),
  ...valveMarks(sheet),
  ...cylinderMarks(sheet),
  ...shellMarks(sheet),
]);

function boltMarks(sheet: JobSheet): Mark[] {
  return setsInScope(sheet).flatMap((set) =>
    set.groups.map((group) => ({
      id: `bolts/${set.id}/${group.id}`,
      kind: 'bolts' as const,
      code: `${LETTER.bolts} ${set.name}${set.groups.length > 1 ? ` ${group.name}` : ''}`,
      place: { ...nowhere(sheet), part: `${set.id}/${group.id}` },
    })),
  );
}

function valveMarks(sheet: JobSheet): Mark[] {
  const { overhead } = sheet;
  if (!overhead) return [];
  const kinds: MarkKind[] =
    overhead.gear === 'push-rod'
      ? ['rocker', 'push-rod', ...(overhead.tappets === 'roller' ? [] : ['tappet' as const])]
      : ['tappet', ...(overhead.adjust === 'shim' ? ['tappet-shim' as const] : [])];
  return kinds.flatMap((kind) =>
    overhead.valves.map((valve) => ({
      id: `${kind}/${valve.id}`,
      kind,
      code: `${LETTER[kind]} ${valve.id}${valve.alongHead === undefined ? '' : ` (${valve.alongHead})`}`,
      place: { ...placeOf(sheet, valve.cylinder), part: valve.kind },
      cylinder: valve.cylinder,
      valve,
    })),
  );
}

function cylinderMarks(sheet: JobSheet): Mark[] {
  if (!takesPistonsOut(sheet.scope)) return [];
  const kinds: MarkKind[] = [
    'rod',
    ...(sheet.liners?.school === 'none' ? [] : ['liner' as const]),
    ...(sheet.liners?.school === 'on-shims' && hasWetLiners(sheet) ? ['liner-shim' as const] : []),
  ];
  return kinds.flatMap((kind) =>
    cylindersInScope(sheet).map((cylinder) => ({
      id: `${kind}/${cylinder}`,
      kind,
      code: `${LETTER[kind]} ${cylinder}`,
      place: { ...placeOf(sheet, cylinder), part: kind },
      cylinder,
    })),
  );
}

function shellMarks(sheet: JobSheet): Mark[] {
  const { journals = [], cylinder1End: end } = sheet;
  if (!openToShells(sheet)) return [];
  return journals.flatMap((journal) =>
    Array.from({ length: journal.count }, (_, place) => place + 1).flatMap((nth) =>
      (['upper', 'lower'] as const).map((half) => ({
        id: `shells/${journal.id}/${nth}/${half}`,
        kind: 'shells' as const,
        code: `${LETTER.shells} ${journal.name} ${nth} ${half}`,
        place: { bank: '', end, nth, total: journal.count, part: `${journal.id}/${half}` },
      })),
    ),
  );
}

function nowhere({ cylinder1End: end }: JobSheet): Omit<MarkPlace, 'part'> {
  return { bank: '', end, nth: 0, total: 0 };
}

/** A cylinder's place in its row, counted from the end cylinder 1 is at. */
function placeOf(sheet: JobSheet, cylinder: number): Omit<MarkPlace, 'part'> {
  const bank = sheet.layout.banks.find(({ cylinders }) => cylinders.includes(cylinder));
  const row = bank?.cylinders ?? cylindersOf(sheet);
  return {
    bank: bank?.id ?? '',
    end: sheet.cylinder1End,
    nth: row.indexOf(cylinder) + 1,
    total: row.length,
  };
}

type Placed = Pick<Mark, 'kind' | 'place'>;

/** Are these marks of one and the same part, whatever its cylinder was called when each was made? */
export function isSamePart(placed: Placed, other: Placed): boolean {
  if (placed.kind !== other.kind) return false;
  const [a, b] = [placed.place, other.place];
  if (a.part !== b.part || a.bank !== b.bank) return false;
  return nthFrom(a, b.end) === b.nth;
}

/** A place counted from a given end of its row. */
function nthFrom({ end, nth, total }: MarkPlace, from: EngineEnd): number {
  return end === from || nth === 0 ? nth : total + 1 - nth;
}

export interface MarkView {
  readonly mark: Mark;
  /** How the part was marked; under another variant it may say something else than it should. */
  readonly made: MadeMark | undefined;
  /** It is marked with what was right for another variant: this must now be read as `mark.code`. */
  readonly translated: boolean;
}

/** What is to be marked and what is, and what of it says something else by now. */
export const markViews = memoizeByPair((sheet: JobSheet, marks: MarksState): readonly MarkView[] =>
  marksOf(sheet).map((mark) => {
    const made = marks.find((entry) => isSamePart(entry, mark));
    return { mark, made, translated: made !== undefined && made.code !== mark.code };
  }),
);

/** Marks on parts that this engine, as it is now known to be, does not have. */
export function strayMarks(sheet: JobSheet, marks: MarksState): readonly MadeMark[] {
  return marks.filter((made) => !marksOf(sheet).some((mark) => isSamePart(made, mark)));
}
