import { unclampedBy } from '../../../sheet/assembly/clamped';
import { plugLines } from '../../../sheet/assembly/pieceLines';
import { BORE_HEIGHTS } from '../../../block/boreWear';
import { STRAIGHTEDGE_LINES } from '../../../block/headFlatness';
import { RING_PLACES } from '../../../block/ringThickness';
import { ifAny, readCheck, seenCheck, type Check } from '../../checks/check';
import { figureMm } from '../../../quantity/figureMm';
import { memoizeByObject } from '../../../sheet/memoize';
import { groupOf } from '../../../sheet/programmeOf';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import {
  cylindersInScope,
  hasWetLiners,
  offOfKind,
  openToShells,
  setsInScope,
  takesCrankOut,
  takesPistonsOut,
  takesTopsOff,
  type JobSheet,
} from '../../scope';

/** What is done to a bolt hole before its bolt goes in, in order. */
export const HOLE_STEPS = ['chased', 'clean', 'dry', 'runs-down'] as const;
export type HoleStep = (typeof HOLE_STEPS)[number];

/** The check under which bores are read. */
export const BORES = 'bores';

/** The thickness of a head, read with its straightedge lines. */
export const THICKNESS = 'thickness';

const BORE_PLACES = BORE_HEIGHTS.flatMap((height) => [`${height}-along`, `${height}-across`]);
const JOURNAL_PLACES = ['upright', 'level'] as const;
const RING_PLACE_NAMES = Array.from({ length: RING_PLACES }, (_, place) => String(place + 1));

/**
 * What has to be inspected on a job: what its scope lays bare, and its sheet has figures or parts for.
 * In the order it is done: holes before anything is clean enough to be spoilt by them.
 */
export const checksOf = memoizeByObject((sheet: JobSheet): readonly Check[] => [
  ...headChecks(sheet),
  ...setsInScope(sheet).flatMap((set) => setChecks(set)),
  ...boreChecks(sheet),
  ...journalChecks(sheet),
  ...ringChecks(sheet),
  ...ifAny(unclampedCheck(sheet)),
  // On a job that is about a cover or a pump each piece is looked at on its own card.
  ...(takesTopsOff(sheet) ? lookChecks(sheet) : []),
]);

const card = 'inspect' as const;

function headChecks(sheet: JobSheet): readonly Check[] {
  const { head } = sheet;
  const sets = setsInScope(sheet).filter(({ kind }) => kind === 'head');
  if (!head?.flatness) return [];
  const items = [...STRAIGHTEDGE_LINES, ...(head.repairThickness ? [THICKNESS] : [])];
  return sets.flatMap((set) =>
    set.instances.map((instance) =>
      readCheck(
        { id: `flatness/${set.id}/${instance}`, card, kind: 'flatness', items },
        { floorMm: 0.1, reachMm: [0, 1000] },
        { set: set.id, instance },
      ),
    ),
  );
}

/** What stays on, and was let go by fasteners that hold it together with something that came off. */
function unclampedCheck({ whole, comesOff }: JobSheet): Check {
  const left = unclampedBy(whole, new Set(comesOff.order)).flatMap(({ pieces }) => pieces);
  return seenCheck({ id: 'unclamped', card, kind: 'unclamped', items: [...new Set(left)] });
}

/** Sets whose bolts go into holes of block or head that gather dirt and fluid. */
const WITH_HOLES: readonly FastenedSet['kind'][] = ['head', 'cylinder-base', 'main-caps'];

function setChecks(set: FastenedSet): readonly Check[] {
  const { id, kind, instances, fasteners } = set;
  // Those used once are spent, whatever their length.
  const limited = fasteners.filter((fastener) => {
    const group = groupOf(set, fastener);
    return group?.stretchLimit !== undefined && group.uses !== 'one';
  });
  const idsOf = (some: FastenedSet['fasteners']): readonly string[] =>
    some.map((entry) => entry.id);
  return instances.flatMap((instance): readonly Check[] => {
    const subject = { set: id, instance };
    const holes = seenCheck(
      { id: `holes/${id}/${instance}`, card, kind: 'holes', items: idsOf(fasteners) },
      { places: HOLE_STEPS, ...subject },
    );
    const lengths = readCheck(
      { id: `lengths/${id}/${instance}`, card, kind: 'lengths', items: idsOf(limited) },
      { floorMm: 0.3, reachMm: [5, 3000] },
      subject,
    );
    return [...(WITH_HOLES.includes(kind) ? [holes] : []), ...ifAny(lengths)];
  });
}

function boreChecks(sheet: JobSheet): readonly Check[] {
  if (!sheet.bores || !sheet.bore || !takesTopsOff(sheet)) return [];
  // With pistons in, each is brought to its bottom first.
  const turnsCrank = !takesPistonsOut(sheet);
  return [
    readCheck(
      { id: BORES, card, kind: 'bores', items: cylindersInScope(sheet).map(String) },
      { floorMm: 0.15, reachMm: around(figureMm(sheet.bore)) },
      { places: BORE_PLACES, turnsCrank },
    ),
  ];
}

function journalChecks(sheet: JobSheet): readonly Check[] {
  const { journals = [] } = sheet;
  if (!openToShells(sheet)) return [];
  return journals.flatMap((journal): readonly Check[] => {
    const { low, high } = journal.standard;
    const standard = high ?? low;
    if (!standard) return [];
    const items = Array.from({ length: journal.count }, (_, place) => String(place + 1));
    const scale = { floorMm: 0.03, reachMm: around(figureMm(standard)) };
    const entry = { places: JOURNAL_PLACES, journal: journal.id };
    const sizes = readCheck(
      { id: `journals/${journal.id}`, card, kind: 'journals', items },
      scale,
      { ...entry, turnsCrank: !takesCrankOut(sheet) },
    );
    const clearances = readCheck(
      { id: `clearances/${journal.id}`, card, kind: 'clearances', items },
      scale,
      entry,
    );
    // End float is read on the card of the crank, the caps being down.
    return [sizes, ...(journal.clearance ? [clearances] : [])];
  });
}

/** A size may be worn, or a regrind, but not another size altogether. */
function around(mm: number): readonly [number, number] {
  return [Math.floor(mm * 90) / 100, Math.ceil(mm * 110) / 100];
}

function ringChecks(sheet: JobSheet): readonly Check[] {
  if (!sheet.sealingRing || !takesTopsOff(sheet)) return [];
  return [
    readCheck(
      { id: 'rings', card, kind: 'rings', items: cylindersInScope(sheet).map(String) },
      { floorMm: 0.05, reachMm: [0.2, 30] },
      { places: RING_PLACE_NAMES },
    ),
  ];
}

/** What is looked over and felt, where the engine has it and the scope lays it bare. */
export type LookItem =
  | 'face-bare'
  | 'cracks'
  | 'valves-seats'
  | 'guides'
  | 'springs'
  | 'injector-sleeves'
  | 'deck'
  | 'counterbores'
  | 'sealing-faces'
  | 'lobes'
  | 'tappets'
  | 'rockers'
  | 'push-rods'
  | 'oil-jets'
  | 'galleries'
  | 'oil-cooler';

/** What is looked over together, standing at one place: nobody goes down a list of twenty and sees the last. */
export const LOOK_PARTS = ['head', 'block', 'gear'] as const;
export type LookPart = (typeof LOOK_PARTS)[number];

/** The looks of a job, by where one stands for them. */
function lookChecks(sheet: JobSheet): readonly Check[] {
  const { overhead, pistons, fuel } = sheet;
  const bottom = takesPistonsOut(sheet);
  const pushRods = overhead?.gear === 'push-rod';
  const items: Readonly<Record<LookPart, readonly LookItem[]>> = {
    head: [
      'face-bare',
      'cracks',
      'valves-seats',
      'guides',
      'springs',
      ...(fuel === 'diesel' ? (['injector-sleeves'] as const) : []),
    ],
    block: [
      'deck',
      ...(hasWetLiners(sheet) ? (['counterbores'] as const) : []),
      ...(sheet.sealingRing ? (['sealing-faces'] as const) : []),
      ...(bottom && pistons?.oilJets ? (['oil-jets'] as const) : []),
      'galleries',
      'oil-cooler',
    ],
    gear: [
      ...(overhead && (!pushRods || offOfKind(sheet, 'camshaft').length > 0)
        ? (['lobes'] as const)
        : []),
      ...(overhead ? (['tappets', 'rockers'] as const) : []),
      ...(pushRods ? (['push-rods'] as const) : []),
    ],
  };
  const plugItems = plugLines(sheet).map((_, place) => plugItem(place));
  return LOOK_PARTS.flatMap((part) =>
    ifAny(
      seenCheck({
        id: `${LOOK}/${part}`,
        card,
        kind: 'look',
        items: part === 'block' ? [...items[part], ...plugItems] : items[part],
      }),
    ),
  );
}

const LOOK = 'look';

/** What a check looks over; null for one of anything else. */
export function lookPartOf({ id, kind }: Pick<Check, 'id' | 'kind'>): LookPart | null {
  if (kind !== 'look') return null;
  return LOOK_PARTS.find((part) => id === `${LOOK}/${part}`) ?? null;
}

/** The item under which a plug of the sheet is looked at. */
function plugItem(place: number): string {
  return `plug-${place}`;
}
