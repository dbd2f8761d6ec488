import type { MarkKind, MarkPlace, MadeMark, MarksState } from '../../facts/marks';
import { cylindersOf } from '../../../sheet/engineSheet';
import { memoizeByObject, memoizeByPair } from '../../../sheet/memoize';
import type { EngineEnd } from '../../../sheet/spec/layout';
import type { Valve } from '../../../sheet/spec/overhead';
import type { Instance } from '../../../sheet/assembly/instances';
import { overOf, shares } from '../../../sheet/assembly/over';
import {
  cylindersInScope,
  hasWetLiners,
  offOfKind,
  journalsOpen,
  setsInScope,
  takesHeadApart,
  type JobSheet,
} from '../../scope';
import { isByTheCap } from '../bearings/caps';
import { isByBearing } from '../shells/checks';
import { looseningsOf } from '../strip/loosening';

/** A part that is marked before it leaves its place. */
export interface Mark {
  readonly id: string;
  readonly kind: MarkKind;
  /** What is written on it, or on its bag. */
  readonly code: string;
  readonly place: MarkPlace;
  /** The pieces that come off with what it is on: it is made before any of them is. */
  readonly pieces: readonly string[];
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
  // Bolts of a cap that comes off by itself go back into it.
  const sets = setsInScope(sheet).filter(({ id }) => !isByTheCap(sheet, id));
  return sets.flatMap((set) => {
    const [first] = looseningsOf(sheet).filter((entry) => entry.set.id === set.id);
    return set.groups.map((group) => ({
      id: `bolts/${set.id}/${group.id}`,
      kind: 'bolts' as const,
      code: `${LETTER.bolts} ${set.name}${set.groups.length > 1 ? ` ${group.name}` : ''}`,
      place: { ...nowhere(sheet), part: `${set.id}/${group.id}` },
      pieces: first?.clamps.slice(0, 1) ?? [],
    }));
  });
}

/** Of which pieces a part is one, or comes away with. */
const PIECES: Readonly<Record<Exclude<MarkKind, 'bolts' | 'shells'>, readonly string[]>> = {
  rocker: ['rocker-shaft'],
  'push-rod': ['push-rod'],
  tappet: ['tappet'],
  'tappet-shim': ['tappet'],
  rod: ['rod-and-piston', 'rod'],
  liner: ['liner'],
  'liner-shim': ['liner'],
};

function valveMarks(sheet: JobSheet): Mark[] {
  const { overhead, whole } = sheet;
  if (!overhead) return [];
  const kinds: (keyof typeof PIECES)[] =
    overhead.gear === 'push-rod'
      ? ['rocker', 'push-rod', ...(overhead.tappets === 'roller' ? [] : ['tappet' as const])]
      : ['tappet', ...(overhead.adjust === 'shim' ? ['tappet-shim' as const] : [])];
  return kinds.flatMap((kind) =>
    overhead.valves.flatMap((valve): Mark[] => {
      const own = overOf(whole, { valves: [valve.id] });
      const pieces = comingOff(sheet, kind).filter(({ over }) => shares(over, own));
      if (pieces.length === 0) return [];
      return [
        {
          id: `${kind}/${valve.id}`,
          kind,
          code: `${LETTER[kind]} ${valve.id}${valve.alongHead === undefined ? '' : ` (${valve.alongHead})`}`,
          place: { ...placeOf(sheet, valve.cylinder), part: valve.kind },
          pieces: pieces.map(({ id }) => id),
          cylinder: valve.cylinder,
          valve,
        },
      ];
    }),
  );
}

/**
 * The pieces that a part comes away with. Rockers that stay on their shaft keep their order by themselves, unless
 * the top is taken apart.
 */
function comingOff(sheet: JobSheet, kind: keyof typeof PIECES): readonly Instance[] {
  const pieces = offOfKind(sheet, ...PIECES[kind]);
  if (kind !== 'rocker' || takesHeadApart(sheet)) return pieces;
  return pieces.filter(({ over }) => over.valves !== null || over.cylinders?.size === 1);
}

function cylinderMarks(sheet: JobSheet): Mark[] {
  const kinds: (keyof typeof PIECES)[] = [
    'rod',
    ...(sheet.liners?.school === 'none' ? [] : ['liner' as const]),
    ...(sheet.liners?.school === 'on-shims' && hasWetLiners(sheet) ? ['liner-shim' as const] : []),
  ];
  return kinds.flatMap((kind) =>
    cylindersInScope(sheet).flatMap((cylinder): Mark[] => {
      const own = overOf(sheet.whole, { cylinders: [cylinder] });
      const pieces = comingOff(sheet, kind).filter(({ over }) => shares(over, own));
      if (pieces.length === 0) return [];
      return [
        {
          id: `${kind}/${cylinder}`,
          kind,
          code: `${LETTER[kind]} ${cylinder}`,
          place: { ...placeOf(sheet, cylinder), part: kind },
          pieces: pieces.map(({ id }) => id),
          cylinder,
        },
      ];
    }),
  );
}

function shellMarks(sheet: JobSheet): Mark[] {
  const { cylinder1End: end } = sheet;
  const first = (...lists: readonly (readonly Instance[])[]): readonly Instance[] =>
    lists.find((list) => list.length > 0) ?? [];
  const rods = first(offOfKind(sheet, 'rod'), offOfKind(sheet, 'rod-and-piston'));
  const caps = offOfKind(sheet, 'bearing-cap').filter(({ over }) => over.bearings);
  const mains = first(caps, offOfKind(sheet, 'crank'));
  return journalsOpen(sheet).flatMap((journal) => {
    // Each goes back before the next is opened: they are laid out in their order as they come.
    if (isByBearing(sheet, journal)) return [];
    // A book that calls its journals something else has them asked with the crank's.
    const pieces = /rod/i.test(`${journal.id} ${journal.name}`) ? rods : mains;
    return Array.from({ length: journal.count }, (_, place) => place + 1).flatMap((nth) =>
      (['upper', 'lower'] as const).map((half) => ({
        id: `shells/${journal.id}/${nth}/${half}`,
        kind: 'shells' as const,
        code: `${LETTER.shells} ${journal.name} ${nth} ${half}`,
        place: { bank: '', end, nth, total: journal.count, part: `${journal.id}/${half}` },
        pieces: (pieces.length > 1 ? pieces.slice(nth - 1, nth) : pieces).map(({ id }) => id),
      })),
    );
  });
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
