import { fitRowName, fitStepName } from './cards/fit';
import { hiddenSentence } from './pieceLines';
import { pieceNamed } from './pieces';
import type { BuildKind, Check } from '@cardinex/core/job/checks/check';
import { hiddenUnder, type ALWAYS_HIDDEN } from '@cardinex/core/job/cards/tighten/covering';
import { isWeighedBeside, ringOfItem } from '@cardinex/core/job/cards/pistons/checks';
import { markSays, TOP_AGAIN } from '@cardinex/core/job/cards/timing/view';
import type { JobSheet } from '@cardinex/core/job/scope';
import { setOf } from '@cardinex/core/sheet/programmeOf';

/*
 * What is checked as bores, liners, crank and pistons go together, by its name.
 */

const NAMES: Readonly<Record<BuildKind, string>> = {
  'bore-work': 'Bores washed, dried, oiled',
  counterbores: 'Depth of the counterbores',
  flanges: 'Thickness of the flanges',
  shells: 'shells in',
  bearing: 'bearing',
  thrust: 'thrust washers',
  'end-float': 'end float',
  camshaft: 'Camshaft',
  tappets: 'Tappets',
  'ring-gaps': 'Ring end gaps',
  'side-clearances': 'Ring side clearance',
  masses: 'Pistons weighed',
  'rings-on': 'Rings on, gaps set',
  'on-rod': 'Pistons on their rods',
  'oil-jets': 'Oil jets',
  'in-bore': 'Pistons in',
  'rod-floats': 'Side float of the rods',
  'stand-outs': 'Stand-out of the pistons',
  'head-built': 'Heads built',
  'last-look': 'Last look',
  'head-on': 'Head on',
  fitted: 'Put on',
  'wheel-line': 'Line of the wheels',
  timing: 'Timing',
  pump: 'Pump or ignition',
};

/** Steps and places, as short as stands on a button. */
const PLACES: Readonly<Record<string, string>> = {
  honed: 'Honed',
  washed: 'Washed',
  'white-rag': 'Rag stays white',
  dried: 'Dried',
  oiled: 'Oiled',
  'rolled-out': 'Old shell out',
  journal: 'Journal good',
  'new-shells': 'New shells right',
  'rolled-in': 'Rolled in',
  'cap-way': 'Cap is on',
  size: 'Right size',
  backs: 'Backs dry',
  tang: 'Tang in slot',
  'oil-hole': 'Oil hole open',
  halves: 'Halves right',
  forward: 'pushed forward',
  back: 'pushed back',
  in: 'In',
  turns: 'Turns freely',
  'own-lobe': 'Own lobe',
  sinks: 'Sinks slowly',
  first: 'where it stands',
  third: 'a third of a turn on',
  'two-thirds': 'two thirds of a turn on',
  meshed: 'Set',
  again: 'After two turns',
  order: 'Order right',
  'upper-face': 'Upper faces up',
  stagger: 'Gaps set',
  pin: 'Pin in',
  retained: 'Pin held',
  'piston-way': 'Piston the right way',
  'rod-way': 'Rod the right way',
  clear: 'Clear',
  aimed: 'Aimed',
  'crank-placed': 'Crank set',
  clamped: 'Rings clamped',
  'in-liner': 'In its liner',
  'cap-own': 'Own cap on',
  'part-way-in': 'Rings in, pin hole out',
  guides: 'Guides in',
  'stem-seals': 'Stem seals on',
  'spring-seats': 'Spring seats in',
  springs: 'Springs in',
  collets: 'Collets seated',
  sleeves: 'Injector sleeves',
  'head-washed': 'Washed again',
  'crank-stands': 'Crank stands there',
  faces: 'Faces clean, dry',
  'gasket-way': 'Gasket lies right',
  'sealing-ring': 'Sealing ring in',
  studs: 'Studs in',
  'own-holes': 'Lengths in their holes',
  sealant: 'Sealant on',
  tackle: 'Lift is ready',
  'let-down': 'Head is down',
  flush: 'Flush all round',
};

/** What a check is called. */
export function buildName(
  sheet: JobSheet,
  {
    kind,
    journal,
    set = '',
    instance,
  }: Pick<Check, 'journal' | 'set' | 'instance'> & { readonly kind: BuildKind },
): string {
  if (kind === 'fitted') return pieceNamed(sheet.whole, set);
  const name = sheet.journals?.find(({ id }) => id === journal)?.name ?? '';
  const named = `${name} ${NAMES[kind]}`.trim();
  return kind === 'bearing' && instance !== undefined ? `${named} ${instance}` : named;
}

/** A step, or a place where something is read. */
export function buildPlace(
  sheet: JobSheet,
  { kind, set = '' }: { readonly kind: BuildKind; readonly set?: string },
  place: string,
): string {
  if (kind === 'fitted') return fitStepName(sheet, set, place);
  if (kind === 'stand-outs') {
    return `towards the ${place === 'near' ? sheet.cylinder1End : sheet.otherEnd}`;
  }
  return PLACES[place] ?? place;
}

/** What is measured or ticked: "Cylinder 2", "Main 3", "Cylinder 2, top ring". */
export function buildItem(
  sheet: JobSheet,
  check: Check & { readonly kind: BuildKind },
  item: string,
): string {
  switch (check.kind) {
    case 'flanges':
      return `Liner ${item}`;
    case 'counterbores':
      return `Bore ${item}`;
    case 'shells':
    case 'bearing':
      return `${sheet.journals?.find(({ id }) => id === check.journal)?.name ?? ''} ${item}`.trim();
    case 'thrust':
      return 'Grooves towards the crank';
    case 'end-float':
      return 'Shaft';
    case 'camshaft':
      return 'Camshaft';
    case 'tappets':
      return `Tappet ${item}`;
    case 'ring-gaps':
    case 'side-clearances': {
      const { cylinder, ring } = ringOfItem(sheet, item);
      return `Cylinder ${cylinder}, ${ring?.name ?? item}`;
    }
    case 'masses':
      if (item === '') return 'Pistons';
      return isWeighedBeside(item) ? `Beside piston ${item.split('/')[0] ?? ''}` : `Piston ${item}`;
    case 'on-rod':
    case 'rings-on':
    case 'in-bore':
    case 'stand-outs':
      return `Piston ${item}`;
    case 'rod-floats':
      return `Rod ${item}`;
    case 'head-built':
    case 'head-on': {
      const instance = item.split('/').at(-1) ?? item;
      return check.items.length > 1 || severalHeads(sheet) ? `Head ${instance}` : 'Head';
    }
    case 'fitted':
      return fitRowName(sheet, check.set ?? '', item);
    case 'wheel-line':
      return 'Crank’s wheel';
    case 'timing':
      return markSays(sheet, item) ?? TIMING_ITEMS[item] ?? item;
    case 'pump':
      return 'Pump or ignition';
    case 'last-look':
      return hiddenName(sheet, check.set ?? '', item);
    case 'bore-work':
    case 'oil-jets':
      return `Cylinder ${item}`;
  }
}

function severalHeads({ fastenedSets = [] }: JobSheet): boolean {
  return fastenedSets.some(({ kind, instances }) => kind === 'head' && instances.length > 1);
}

const ALWAYS: Readonly<Record<(typeof ALWAYS_HIDDEN)[number], string>> = {
  'nothing-left': 'Nothing left in a bore, a hole or a passage: rags and tools counted',
  dowels: 'Dowels in, hollow ones clear, their rings new',
};

/** What is looked at of the timing besides its marks. */
const TIMING_ITEMS: Readonly<Record<string, string>> = {
  turned: 'Two turns by hand',
  [TOP_AGAIN]: 'Cylinder 1 at the top again',
};

/** Something a head hides, as the sheet says it. */
function hiddenName(sheet: JobSheet, setId: string, item: string): string {
  const set = setOf(sheet, setId);
  const hidden = set && hiddenUnder(sheet, set).find((entry) => entry.item === item);
  const always: Readonly<Record<string, string>> = ALWAYS;
  return hidden ? hiddenSentence(hidden.line) : (always[item] ?? item);
}
