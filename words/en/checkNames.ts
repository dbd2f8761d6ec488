import { plugLines } from '@cardinex/core/sheet/assembly/pieceLines';
import { atStart, list } from './kit';
import { referenceName } from './pieces';
import { withinSentence } from './sentence';
import type { CheckDecision } from '@cardinex/core/job/facts/checks';
import type { StraightedgeLine } from '@cardinex/core/block/headFlatness';
import {
  lookPartOf,
  THICKNESS,
  type LookItem,
  type LookPart,
} from '@cardinex/core/job/cards/inspect/checks';
import type { HoleStep } from '@cardinex/core/job/cards/inspect/setChecks';
import { isBuildKind, type Check } from '@cardinex/core/job/checks/check';
import { checkOf } from '@cardinex/core/job/checks/allChecks';
import { isByStripAlone } from '@cardinex/core/job/cards/shells/clearances';
import { shellOfItem } from '@cardinex/core/job/cards/shells/checks';
import type { JobSheet } from '@cardinex/core/job/scope';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { buildItem, buildName, buildPlace } from './buildNames';
import { lineName } from './straightedge';

/** What a check is called: "Head flatness", "Main journals". */
export function checkName(sheet: JobSheet, check: Check): string {
  const set = check.set === undefined ? undefined : setOf(sheet, check.set);
  const several = set && set.instances.length > 1 ? ` ${check.instance ?? ''}` : '';
  const journal = sheet.journals?.find(({ id }) => id === check.journal)?.name ?? '';
  const { kind } = check;
  if (isBuildKind(kind)) return buildName(sheet, { ...check, kind });
  switch (kind) {
    case 'flatness':
      return `Head flatness${several}`;
    case 'holes':
      return `Bolt holes: ${set?.name ?? ''}${several}`;
    case 'lengths':
      return `Length: ${set?.name ?? ''}${several}`;
    case 'bores':
      return 'Bores';
    case 'journals':
      return `${journal} journals`;
    case 'clearances':
      return isByStripAlone(check)
        ? `${journal} clearance ${check.instance ?? ''}`.trim()
        : `${journal} bores, shells in`;
    case 'rings':
      return 'Sealing rings';
    case 'look':
      return LOOKED_OVER[lookPartOf(check) ?? 'head'];
    case 'shells-found':
      return `${journal} shells as they came`;
    case 'unclamped':
      return 'Left on, no longer clamped';
  }
}

const LOOKED_OVER: Readonly<Record<LookPart, string>> = {
  head: 'Look over the head',
  block: 'Look over the block',
  gear: 'Look over the valve gear',
};

const LOOKS: Readonly<Record<LookItem, string>> = {
  'face-bare': 'Faces bare: no gasket, oil film or paint; no hard scraper on aluminium',
  cracks: 'Cracks, between seats and round the sleeves',
  'valves-seats': 'Valves and their seats',
  guides: 'Valve guides and stem seals',
  springs: 'Springs: free length, load, square',
  'injector-sleeves': 'Injector sleeves',
  deck: 'Deck: flat, clean, no step',
  counterbores: 'Counterbore ledges',
  'sealing-faces': 'Gas-sealing faces',
  lobes: 'Camshaft lobes',
  tappets: 'Tappet faces and rollers',
  rockers: 'Rockers and their shafts',
  'push-rods': 'Push rods rolled on a flat plate, oilway clear',
  'oil-jets': 'Oil jets: clear and aimed',
  galleries: 'Oil galleries opened, flushed, plugged again',
  'oil-cooler': 'Oil cooler cleaned out and proved, or replaced',
};

const STEPS: Readonly<Record<HoleStep, string>> = {
  chased: 'Chased',
  clean: 'Clean',
  dry: 'Dry',
  'runs-down': 'Bolt runs down',
};

const PLACES: Readonly<Record<string, string>> = {
  'top-along': 'top, along',
  'top-across': 'top, across',
  'middle-along': 'middle, along',
  'middle-across': 'middle, across',
  'bottom-along': 'bottom, along',
  'bottom-across': 'bottom, across',
  upright: 'upright',
  level: 'level',
};

/** Where on an item a reading is taken, or which step it is at. */
export function placeName(
  sheet: JobSheet,
  check: Pick<Check, 'kind' | 'set'>,
  place: string,
): string {
  const { kind } = check;
  if (kind === 'holes') return STEPS[place as HoleStep];
  if (kind === 'rings') return `place ${place}`;
  if (isBuildKind(kind)) return buildPlace(sheet, { ...check, kind }, place);
  return PLACES[place] ?? place;
}

/** What is measured or looked at: "along", "Bolt 7", "Cylinder 3", "Main 2". */
export function itemName(sheet: JobSheet, check: Check, item: string): string {
  const { kind } = check;
  if (isBuildKind(kind)) return buildItem(sheet, { ...check, kind }, item);
  switch (kind) {
    case 'flatness':
      if (item === THICKNESS) return 'Thickness';
      return item === '' ? 'Head' : atStart(lineName(item as StraightedgeLine));
    case 'holes':
    case 'lengths': {
      const set = setOf(sheet, check.set ?? '');
      const number = set?.fasteners.find(({ id }) => id === item)?.number ?? item;
      return `${kind === 'holes' ? 'Hole' : 'Bolt'} ${number}`;
    }
    case 'bores':
    case 'rings':
      return `Cylinder ${item}`;
    case 'journals':
    case 'clearances':
      return `${sheet.journals?.find(({ id }) => id === check.journal)?.name ?? ''} ${item}`.trim();
    case 'shells-found':
      return shellName(sheet, check, item);
    case 'unclamped':
      return `${referenceName(sheet.whole, item)}: not moved, its joint whole`;
    case 'look': {
      const plug = /^plug-(\d+)$/.exec(item);
      if (plug) return `Plug: ${plugLines(sheet)[Number(plug[1])]?.what ?? ''}`;
      return LOOKS[item as LookItem];
    }
  }
}

/** "Main 3, lower half" */
function shellName(sheet: JobSheet, check: Check, item: string): string {
  const { bearing, half } = shellOfItem(item);
  const journal = sheet.journals?.find(({ id }) => id === check.journal)?.name ?? '';
  return `${journal} ${bearing}, ${half} half`.trim();
}

/** The same as it stands within a sentence. */
export function placeWithin(
  sheet: JobSheet,
  check: Pick<Check, 'kind' | 'set'>,
  place: string,
): string {
  return withinSentence(placeName(sheet, check, place));
}

/** An item with the place, or the step, it is at: "Cylinder 3, top along". */
export function itemAt(sheet: JobSheet, check: Check, item: string, place: string): string {
  return `${itemName(sheet, check, item)}, ${placeWithin(sheet, check, place)}`;
}

/** Steps that are said together: "Chased and clean". */
export function stepsName(
  sheet: JobSheet,
  check: Pick<Check, 'kind' | 'set'>,
  steps: readonly string[],
): string {
  return atStart(list(steps.map((step) => placeWithin(sheet, check, step))));
}

/** How many of a row: "all 18", "16 of 18". */
export function rowCount(of: readonly string[], said: readonly string[]): string {
  return said.length === of.length ? `all ${of.length}` : `${said.length} of ${of.length}`;
}

/** A row of which something is said at once: "all 18: chased and clean", "16 of 18: oiled"; of one thing "studs in". */
export function rowName(
  sheet: JobSheet,
  check: Check,
  items: readonly string[],
  steps: readonly string[],
): string {
  const said = withinSentence(stepsName(sheet, check, steps));
  const several = check.items.length > 1;
  return several ? `${rowCount(check.items, items)}: ${said}` : said;
}

/** An item told from outside its check: "Bores, cylinder 3". */
export function checkItemName(sheet: JobSheet, id: string, item: string): string {
  const check = checkOf(sheet, id);
  if (!check) return id;
  const name = checkName(sheet, check);
  return item === '' ? name : `${name}, ${withinSentence(itemName(sheet, check, item))}`;
}

/** One item of a check alone, as small as a button needs: "bolt 3", "battery off". */
export function checkedItemName(sheet: JobSheet, id: string, item: string): string {
  const check = checkOf(sheet, id);
  if (!check) return item;
  return withinSentence(item === '' ? checkName(sheet, check) : itemName(sheet, check, item));
}

export const decisionNames: Readonly<Record<CheckDecision, string>> = {
  replace: 'Replace it',
  rework: 'Work on it',
  keep: 'Let it stand',
};

export const decisionDone: Readonly<Record<CheckDecision, string>> = {
  replace: 'to be replaced',
  rework: 'to be worked on',
  keep: 'let stand',
};
