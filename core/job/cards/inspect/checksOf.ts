import { BORE_HEIGHTS } from '../../../block/boreWear';
import { STRAIGHTEDGE_LINES } from '../../../block/headFlatness';
import { RING_PLACES } from '../../../block/ringThickness';
import { figureMm } from '../../../quantity/figureMm';
import { once } from '../../../sheet/once';
import { groupOf } from '../../../sheet/programmeOf';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import {
  cylindersInScope,
  hasWetLiners,
  openToShells,
  setsInScope,
  takesCrankOut,
  takesPistonsOut,
  type JobSheet,
} from '../../scope';

export type CheckKind =
  | 'flatness'
  | 'holes'
  | 'lengths'
  | 'bores'
  | 'journals'
  | 'clearances'
  | 'end-float'
  | 'rings'
  | 'look';

/** Something to be measured, ticked or looked over: a table of items by places. */
export interface Check {
  /** The key its readings are kept under: "flatness/head/1". */
  readonly id: string;
  readonly kind: CheckKind;
  /** Measured, or seen and said. */
  readonly way: 'read' | 'seen';
  readonly items: readonly string[];
  /** Where each item is read, or the steps each is ticked at; one nameless place where there is but one. */
  readonly places: readonly string[];
  readonly set?: string;
  readonly instance?: string;
  readonly journal?: string;
  /** The crank has to be turned for it. */
  readonly turnsCrank: boolean;
  /** What such readings may differ by without anybody wondering. */
  readonly floorMm: number;
  /** The smallest and largest a reading can be and not be a slip of the decimal mark. */
  readonly reachMm: readonly [number, number];
}

/** What is done to a bolt hole before its bolt goes in, in order. */
export const HOLE_STEPS = ['chased', 'clean', 'dry', 'runs-down'] as const;
export type HoleStep = (typeof HOLE_STEPS)[number];

/** The thickness of a head, read with its straightedge lines. */
export const THICKNESS = 'thickness';

const ONE_PLACE = [''] as const;
const BORE_PLACES = BORE_HEIGHTS.flatMap((height) => [`${height}-along`, `${height}-across`]);
const JOURNAL_PLACES = ['upright', 'level'] as const;
const RING_PLACE_NAMES = Array.from({ length: RING_PLACES }, (_, place) => String(place + 1));

/** A gap under a straightedge, or a clearance, larger than this is a slip. */
const GAP_REACH = [0, 5] as const;

/**
 * What has to be inspected on a job: what its scope lays bare, and its sheet has figures or parts for.
 * In the order it is done: holes before anything is clean enough to be spoilt by them.
 */
export const checksOf = once((sheet: JobSheet): readonly Check[] => [
  ...headChecks(sheet),
  ...setsInScope(sheet).flatMap((set) => setChecks(set)),
  ...boreChecks(sheet),
  ...journalChecks(sheet),
  ...ringChecks(sheet),
  lookCheck(sheet),
]);

/** A check by its key. */
export function checkOf(sheet: JobSheet, id: string): Check | undefined {
  return checksOf(sheet).find((check) => check.id === id);
}

function headChecks(sheet: JobSheet): Check[] {
  const { head } = sheet;
  const sets = setsInScope(sheet).filter(({ kind }) => kind === 'head');
  if (!head?.flatness) return [];
  return sets.flatMap((set) =>
    set.instances.map((instance) => ({
      id: `flatness/${set.id}/${instance}`,
      kind: 'flatness' as const,
      way: 'read' as const,
      items: [...STRAIGHTEDGE_LINES, ...(head.repairThickness ? [THICKNESS] : [])],
      places: ONE_PLACE,
      set: set.id,
      instance,
      turnsCrank: false,
      floorMm: 0.1,
      reachMm: [0, 1000] as const,
    })),
  );
}

/** Sets whose bolts go into holes of block or head that gather dirt and fluid. */
const WITH_HOLES: readonly FastenedSet['kind'][] = ['head', 'cylinder-base', 'main-caps'];

function setChecks(set: FastenedSet): Check[] {
  const { id, kind, instances, fasteners } = set;
  const ids = fasteners.map((fastener) => fastener.id);
  // Those used once are spent, whatever their length.
  const limited = fasteners.filter((fastener) => {
    const group = groupOf(set, fastener);
    return group?.stretchLimit !== undefined && group.uses !== 'one';
  });
  return instances.flatMap((instance): Check[] => [
    ...(WITH_HOLES.includes(kind)
      ? [
          {
            id: `holes/${id}/${instance}`,
            kind: 'holes' as const,
            way: 'seen' as const,
            items: ids,
            places: HOLE_STEPS,
            set: id,
            instance,
            turnsCrank: false,
            floorMm: 0,
            reachMm: GAP_REACH,
          },
        ]
      : []),
    ...(limited.length > 0
      ? [
          {
            id: `lengths/${id}/${instance}`,
            kind: 'lengths' as const,
            way: 'read' as const,
            items: limited.map((fastener) => fastener.id),
            places: ONE_PLACE,
            set: id,
            instance,
            turnsCrank: false,
            floorMm: 0.3,
            reachMm: [5, 3000] as const,
          },
        ]
      : []),
  ]);
}

function boreChecks(sheet: JobSheet): Check[] {
  if (!sheet.bores || !sheet.bore) return [];
  return [
    {
      id: 'bores',
      kind: 'bores',
      way: 'read',
      items: cylindersInScope(sheet).map(String),
      places: BORE_PLACES,
      // With pistons in, each is brought to its bottom first.
      turnsCrank: sheet.scope !== undefined && !takesPistonsOut(sheet.scope),
      floorMm: 0.15,
      reachMm: around(figureMm(sheet.bore)),
    },
  ];
}

function journalChecks(sheet: JobSheet): Check[] {
  const { scope, journals = [] } = sheet;
  if (!scope || !openToShells(sheet)) return [];
  return journals.flatMap((journal): Check[] => {
    const { low, high } = journal.standard;
    const standard = high ?? low;
    if (!standard) return [];
    const items = Array.from({ length: journal.count }, (_, place) => String(place + 1));
    const common = {
      way: 'read' as const,
      places: JOURNAL_PLACES,
      journal: journal.id,
      turnsCrank: !takesCrankOut(scope),
      reachMm: around(figureMm(standard)),
      floorMm: 0.03,
    };
    return [
      { ...common, id: `journals/${journal.id}`, kind: 'journals', items },
      ...(journal.clearance
        ? [
            {
              ...common,
              id: `clearances/${journal.id}`,
              kind: 'clearances' as const,
              items,
              turnsCrank: false,
            },
          ]
        : []),
      ...(journal.endFloat
        ? [
            {
              ...common,
              id: `end-float/${journal.id}`,
              kind: 'end-float' as const,
              items: ['shaft'],
              places: ['forward', 'back'],
              turnsCrank: false,
              reachMm: GAP_REACH,
            },
          ]
        : []),
    ];
  });
}

/** A size may be worn, or a regrind, but not another size altogether. */
function around(mm: number): readonly [number, number] {
  return [Math.floor(mm * 90) / 100, Math.ceil(mm * 110) / 100];
}

function ringChecks(sheet: JobSheet): Check[] {
  if (!sheet.sealingRing) return [];
  return [
    {
      id: 'rings',
      kind: 'rings',
      way: 'read',
      items: cylindersInScope(sheet).map(String),
      places: RING_PLACE_NAMES,
      turnsCrank: false,
      floorMm: 0.05,
      reachMm: [0.2, 30],
    },
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

function lookCheck(sheet: JobSheet): Check {
  const { overhead, plugs = [], pistons, scope, fuel } = sheet;
  const bottom = scope !== undefined && takesPistonsOut(scope);
  const pushRods = overhead?.gear === 'push-rod';
  const items: LookItem[] = [
    'face-bare',
    'cracks',
    'valves-seats',
    'guides',
    'springs',
    ...(fuel === 'diesel' ? (['injector-sleeves'] as const) : []),
    'deck',
    ...(hasWetLiners(sheet) ? (['counterbores'] as const) : []),
    ...(sheet.sealingRing ? (['sealing-faces'] as const) : []),
    ...(overhead && (!pushRods || scope?.kind === 'everything') ? (['lobes'] as const) : []),
    ...(overhead ? (['tappets', 'rockers'] as const) : []),
    ...(pushRods ? (['push-rods'] as const) : []),
    ...(bottom && pistons?.oilJets ? (['oil-jets'] as const) : []),
    'galleries',
    'oil-cooler',
  ];
  return {
    id: 'look',
    kind: 'look',
    way: 'seen',
    items: [...items, ...plugs.map((_, place) => plugItem(place))],
    places: ONE_PLACE,
    turnsCrank: false,
    floorMm: 0,
    reachMm: GAP_REACH,
  };
}

/** The item under which a plug of the sheet is looked at. */
export function plugItem(place: number): string {
  return `plug-${place}`;
}
