import { cylinderOverPiston, pistonRoute } from '../../../sheet/pistonRoute';
import type { PistonRoute, RingSpec } from '../../../sheet/spec/pistons';
import { GAP_REACH, ifAny, readCheck, seenCheck, type Check } from '../../checks/check';
import { seenOf } from '../../checks/state';
import type { JobState } from '../../state';
import { rodSet } from './rodPull';
import { cylindersInScope, takesPistonsOut, type JobSheet } from '../../scope';

/** The check under which pistons are weighed. */
const MASSES = 'masses';

/** Of one piston alone: what it is weighed against. */
const BESIDE = 'beside';

/** What is weighed: every piston; of one alone, it and the one it is compared with. */
function weighedItems(cylinders: readonly string[]): readonly string[] {
  const [only, ...others] = cylinders;
  return only === undefined || others.length > 0 ? cylinders : [only, `${only}/${BESIDE}`];
}

/** Is this what a single piston is weighed against, and not one that goes in? */
export function isWeighedBeside(item: string): boolean {
  return item.endsWith(`/${BESIDE}`);
}

/** The cylinder opposite one, where pistons are matched in pairs. */
export function oppositeOf({ pistons }: JobSheet, cylinder: number): number | undefined {
  const pair = pistons?.massPairs?.find((entry) => entry.includes(cylinder));
  return pair?.find((other) => other !== cylinder);
}

/** The check under which a piston is put on its rod, and the step by which its pin is held there. */
export const ON_ROD = 'on-rod';
const RETAINED = 'retained';

const RING_STEPS = ['order', 'upper-face', 'stagger'] as const;
/** What goes on each rod, by the way pistons go in: a separate cylinder’s piston is put on its rod at the engine. */
const ROD_STEPS: Readonly<Record<PistonRoute, readonly string[]>> = {
  'into-block': ['pin', 'retained', 'piston-way', 'rod-way'],
  'into-liner-on-bench': ['pin', 'retained', 'piston-way', 'rod-way'],
  'cylinder-over-piston': ['crank-placed', 'piston-way', 'pin', RETAINED],
  'part-way-out': ['clamped', 'part-way-in', 'crank-placed', 'piston-way', 'pin', RETAINED],
};

const JET_STEPS = ['clear', 'aimed'] as const;

/** How a piston goes into its bore, step by step, by the way its maker has it done. */
const ROUTE_STEPS: Readonly<Record<PistonRoute, readonly string[]>> = {
  'into-block': ['crank-placed', 'clamped', 'in', 'cap-own', 'turns'],
  'into-liner-on-bench': ['clamped', 'in-liner', 'crank-placed', 'in', 'cap-own', 'turns'],
  'cylinder-over-piston': [],
  'part-way-out': [],
};

/** A ring of one cylinder's piston: "2/top". */
function ringItem(cylinder: number, ring: string): string {
  return `${cylinder}/${ring}`;
}

/**
 * Is a cylinder's piston in its bore; of a separate cylinder, does it hang on its rod, its pin held?
 * @param cylinder as printed
 */
export function isPistonIn(
  sheet: JobSheet,
  { checks }: Pick<JobState, 'checks'>,
  cylinder: number,
): boolean {
  const [check, step] = cylinderOverPiston(sheet) ? [ON_ROD, RETAINED] : ['in-bore', 'in'];
  return seenOf(checks, check, String(cylinder), step)?.found === 'good';
}

/** The cylinder and the ring of an item. */
export function ringOfItem(
  sheet: JobSheet,
  item: string,
): { readonly cylinder: number; readonly ring: RingSpec | undefined } {
  const [cylinder = '', id = ''] = item.split('/');
  const ring = sheet.pistons?.rings?.find((spec) => spec.id === id);
  return { cylinder: Number(cylinder), ring };
}

/** Rings, masses, what goes on each rod and how it goes into its bore. */
export function pistonChecks(sheet: JobSheet): readonly Check[] {
  if (!takesPistonsOut(sheet)) return [];
  const { rings = [], massSpread, massPairs, oilJets } = sheet.pistons ?? {};
  const route = pistonRoute(sheet);
  const cylinders = cylindersInScope(sheet);
  const items = cylinders.map(String);
  const ofRings = (has: (ring: RingSpec) => unknown): readonly string[] =>
    cylinders.flatMap((cylinder) => rings.filter(has).map(({ id }) => ringItem(cylinder, id)));
  const card = 'pistons' as const;
  const weighed = massSpread !== undefined || massPairs !== undefined;
  const ringsOn = ifAny(
    seenCheck(
      { id: 'rings-on', card, kind: 'rings-on', items: rings.length > 0 ? items : [] },
      { places: RING_STEPS, byItem: true },
    ),
  );
  const jets = ifAny(
    seenCheck(
      { id: 'oil-jets', card, kind: 'oil-jets', items: oilJets ? items : [] },
      { places: JET_STEPS },
    ),
  );
  return [
    ...ifAny(
      readCheck(
        { id: 'ring-gaps', card, kind: 'ring-gaps', items: ofRings(({ gap }) => gap) },
        { floorMm: 0.15, reachMm: GAP_REACH },
      ),
    ),
    ...ifAny(
      readCheck(
        {
          id: 'side-clearances',
          card,
          kind: 'side-clearances',
          items: ofRings(({ sideClearance }) => sideClearance),
        },
        { floorMm: 0.05, reachMm: [0, 1] },
      ),
    ),
    ...(weighed
      ? [
          {
            ...seenCheck({ id: MASSES, card, kind: 'masses', items: weighedItems(items) }),
            way: 'weighed' as const,
          },
        ]
      : []),
    // A separate cylinder goes over its piston by a card of its own: rings are on before the piston is on its rod.
    ...(cylinderOverPiston(sheet)
      ? [...ringsOn, ...jets, onRod(items, route)]
      : [onRod(items, route), ...ringsOn, ...jets, intoBore(sheet, route)]),
  ];
}

function onRod(items: readonly string[], route: PistonRoute): Check {
  return seenCheck(
    { id: ON_ROD, card: 'pistons', kind: 'on-rod', items },
    {
      places: ROD_STEPS[route],
      byItem: true,
      turnsCrank: ROD_STEPS[route].includes('crank-placed'),
      turnsAt: ['crank-placed'],
    },
  );
}

function intoBore(sheet: JobSheet, route: PistonRoute): Check {
  const cylinders = cylindersInScope(sheet);
  return seenCheck(
    { id: 'in-bore', card: 'pistons', kind: 'in-bore', items: cylinders.map(String) },
    {
      // Where its cap is pulled by a programme, the crank is turned after that.
      places: ROUTE_STEPS[route].filter(
        (step) => step !== 'turns' || !cylinders.some((cylinder) => rodSet(sheet, cylinder)),
      ),
      byItem: true,
      turnsCrank: true,
      turnsAt: ['crank-placed', 'turns'],
    },
  );
}
