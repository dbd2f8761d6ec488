import { unclampedBy } from '../../../sheet/assembly/clamped';
import { plugLines } from '../../../sheet/assembly/pieceLines';
import { BORE_HEIGHTS } from '../../../block/boreWear';
import { STRAIGHTEDGE_LINES } from '../../../block/headFlatness';
import { RING_PLACES } from '../../../block/ringThickness';
import type { JournalSpec } from '../../../sheet/spec/block';
import { ifAny, readCheck, seenCheck, type Check } from '../../checks/check';
import { figureMm } from '../../../quantity/figureMm';
import { bearingsOf } from '../../../sheet/bearingsOf';
import { memoizeByObject } from '../../../sheet/memoize';
import {
  cylindersInScope,
  hasWetLiners,
  offOfKind,
  journalsOpen,
  setsInScope,
  takesCrankOut,
  takesPistonsOut,
  takesTopsOff,
  type JobSheet,
} from '../../scope';
import { isByTheCap } from '../bearings/caps';
import { isByBearing, shellsFoundCheck } from '../shells/checks';
import { around, JOURNAL_PLACES, journalMm } from '../shells/clearances';
import { setChecks } from './setChecks';

/** The check under which bores are read. */
export const BORES = 'bores';

/** The thickness of a head, read with its straightedge lines. */
export const THICKNESS = 'thickness';

const BORE_PLACES = BORE_HEIGHTS.flatMap((height) => [`${height}-along`, `${height}-across`]);
const RING_PLACE_NAMES = Array.from({ length: RING_PLACES }, (_, place) => String(place + 1));

/**
 * What has to be inspected on a job: what its scope lays bare, and its sheet has figures or parts for.
 * In the order it is done: holes before anything is clean enough to be spoilt by them.
 */
export const checksOf = memoizeByObject((sheet: JobSheet): readonly Check[] => [
  ...headChecks(sheet),
  ...setsInScope(sheet)
    // Those of a cap are seen to while it is off.
    .filter(({ id }) => !isByTheCap(sheet, id))
    .flatMap((set) => setChecks(set, card)),
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

/** Does a shaft run in shells? A camshaft runs in its block or its head. */
function hasShells({ id, name }: JournalSpec): boolean {
  return !/cam/i.test(`${id} ${name}`);
}

function journalChecks(sheet: JobSheet): readonly Check[] {
  const journals = journalsOpen(sheet);
  const found = journals
    .filter((journal) => !isByBearing(sheet, journal) && hasShells(journal))
    .map((journal) => shellsFoundCheck(journal, card, bearingsOf(journal)));
  const read = journals.flatMap((journal): readonly Check[] => {
    // A micrometer does not go round a main journal that lies in its bearings.
    if (isByBearing(sheet, journal)) return [];
    const mm = journalMm(journal);
    if (mm === null) return [];
    // End float is read on the card of the crank, the caps being down; clearances once the shells are in.
    return [
      readCheck(
        { id: `journals/${journal.id}`, card, kind: 'journals', items: bearingsOf(journal) },
        { floorMm: 0.03, reachMm: around(mm) },
        { places: JOURNAL_PLACES, journal: journal.id, turnsCrank: !takesCrankOut(sheet) },
      ),
    ];
  });
  return [...found, ...read];
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
