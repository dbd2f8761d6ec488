import type { RingSpec } from '../../../sheet/spec/pistons';
import { GAP_REACH, ifAny, readCheck, seenCheck, type Check } from '../../checks/check';
import { rodSet } from './rodPull';
import { cylindersInScope, takesPistonsOut, type JobSheet } from '../../scope';

/** The check under which pistons are weighed. */
const MASSES = 'masses';

const RING_STEPS = ['order', 'upper-face', 'stagger'] as const;
const ROD_STEPS = ['pin', 'retained', 'piston-way', 'rod-way'] as const;
const JET_STEPS = ['clear', 'aimed'] as const;

/** How a piston goes in, step by step, by the way its maker has it done. */
const ROUTE_STEPS = {
  'into-block': ['crank-placed', 'clamped', 'in', 'cap-own', 'turns'],
  'into-liner-on-bench': ['clamped', 'in-liner', 'crank-placed', 'in', 'cap-own', 'turns'],
  'cylinder-over-piston': ['crank-placed', 'clamped', 'in', 'pin-last', 'turns'],
} as const;

/** A ring of one cylinder's piston: "2/top". */
function ringItem(cylinder: number, ring: string): string {
  return `${cylinder}/${ring}`;
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
  const { rings = [], massSpread, massPairs, oilJets, route = 'into-block' } = sheet.pistons ?? {};
  const cylinders = cylindersInScope(sheet);
  const items = cylinders.map(String);
  const ofRings = (has: (ring: RingSpec) => unknown): readonly string[] =>
    cylinders.flatMap((cylinder) => rings.filter(has).map(({ id }) => ringItem(cylinder, id)));
  const card = 'pistons' as const;
  const weighed = massSpread !== undefined || massPairs !== undefined;
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
    // One piston alone has nothing to be compared with.
    ...(weighed && items.length > 1
      ? [{ ...seenCheck({ id: MASSES, card, kind: 'masses', items }), way: 'weighed' as const }]
      : []),
    seenCheck({ id: 'on-rod', card, kind: 'on-rod', items }, { places: ROD_STEPS, byItem: true }),
    ...(rings.length > 0
      ? [
          seenCheck(
            { id: 'rings-on', card, kind: 'rings-on', items },
            { places: RING_STEPS, byItem: true },
          ),
        ]
      : []),
    ...(oilJets
      ? [seenCheck({ id: 'oil-jets', card, kind: 'oil-jets', items }, { places: JET_STEPS })]
      : []),
    seenCheck(
      { id: 'in-bore', card, kind: 'in-bore', items },
      {
        // Where its cap is pulled by a programme, the crank is turned after that.
        places: ROUTE_STEPS[route].filter(
          (step) => step !== 'turns' || !cylinders.some((cylinder) => rodSet(sheet, cylinder)),
        ),
        byItem: true,
        turnsCrank: true,
        turnsAt: ['crank-placed', 'turns'],
      },
    ),
  ];
}
