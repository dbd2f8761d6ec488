import type { ActData, ActType, LoggedAct } from '@cardinex/core/job/act';
import { DEAD, type Isolation } from '@cardinex/core/job/cards/dead/checks';
import type { JobSheet } from '@cardinex/core/job/scope';
import type { Known } from './actLine';
import { actLine } from './acts';
import { small } from './capital';
import { isolationSentence } from './cards/dead';
import { checkedItemName } from './checkNames';
import { itemNamed } from './itemNames';
import { METRIC, degrees, type ReaderUnits } from './quantity';
import { boltNumber } from './runActs';

type Hint<T extends ActType> = (data: ActData[T], sheet: JobSheet) => string;

/** As its line in the record begins. */
const BY_ITS_LINE = null;

const ofBolt = ({ key }: { readonly key: string }, sheet: JobSheet): string =>
  boltNumber(sheet, key);

/** What each act is called on a button that takes it back; one that is missing does not compile. */
const HINTS: { readonly [T in ActType]: Hint<T> | null } = {
  'cause.answered': BY_ITS_LINE,
  'caution.acknowledged': BY_ITS_LINE,
  'check.read': ({ check, item }, sheet) => checkedItemName(sheet, check, item),
  'check.seen': ({ check, item }, sheet) =>
    check === DEAD
      ? small(isolationSentence(item as Isolation))
      : checkedItemName(sheet, check, item),
  'check.decided': BY_ITS_LINE,
  'piece.weighed': ({ check, item }, sheet) => checkedItemName(sheet, check, item),
  'crank.stood': ({ atDeg }) => `crank at ${degrees(atDeg)}`,
  'crank.doubted': BY_ITS_LINE,
  'crank.overshot': BY_ITS_LINE,
  'crib.judged': BY_ITS_LINE,
  'gasket.chosen': BY_ITS_LINE,
  'heat.reached': BY_ITS_LINE,
  'leaflet.entered': BY_ITS_LINE,
  'deviation.entered': BY_ITS_LINE,
  'difference.decided': BY_ITS_LINE,
  'card.left-out': BY_ITS_LINE,
  'liner.read': ({ bore }) => `liner ${bore}`,
  'liners.accepted': BY_ITS_LINE,
  'liners.placed': BY_ITS_LINE,
  'liner.sealed': BY_ITS_LINE,
  'mark.made': ({ code }) => code,
  'bolts.counted': BY_ITS_LINE,
  'job.opened': BY_ITS_LINE,
  'sheet.taken': BY_ITS_LINE,
  'job.parked': BY_ITS_LINE,
  'job.resumed': BY_ITS_LINE,
  'part.arrived': BY_ITS_LINE,
  'work.sent': BY_ITS_LINE,
  'work.back': BY_ITS_LINE,
  'photograph.taken': BY_ITS_LINE,
  'thing.put-in': ({ what }) => small(what),
  'thing.taken-out': BY_ITS_LINE,
  'run.prepared': BY_ITS_LINE,
  'stage.set': () => 'the setting',
  'bolt.pulled': ofBolt,
  'bolt.turned': ofBolt,
  'bolt.eased': ofBolt,
  'stud.tensioned': ofBolt,
  'step.done': ofBolt,
  'bolt.failed': ofBolt,
  'bolts.reported': ({ pulls }, sheet) =>
    `bolts ${pulls.map(({ key }) => boltNumber(sheet, key).replace('bolt ', '')).join(' ')}`,
  'cap.turned': BY_ITS_LINE,
  'bolt.taken-out': BY_ITS_LINE,
  'run.marked': BY_ITS_LINE,
  'wrench.let-back': BY_ITS_LINE,
  'contest.decided': BY_ITS_LINE,
  'scope.widened': BY_ITS_LINE,
  'top.found': BY_ITS_LINE,
  'crank.marked': BY_ITS_LINE,
  'barring.chosen': BY_ITS_LINE,
  'valve.read': ({ valve, reading }) => `${valve} ${reading}`,
  'screw.set': ({ item }, sheet) => itemNamed(sheet, item),
  'push-rod.seen': BY_ITS_LINE,
  'bridge.seen': ({ valve }) => `bridge ${valve}`,
  'shim.read': BY_ITS_LINE,
  'shims.chosen': BY_ITS_LINE,
  'cover.on': BY_ITS_LINE,
  'adjuster.read': BY_ITS_LINE,
  'injector.coded': BY_ITS_LINE,
  'gaps.turned': BY_ITS_LINE,
  'recheck.begun': BY_ITS_LINE,
  'variant.changed': BY_ITS_LINE,
  struck: BY_ITS_LINE,
  'pending.decided': BY_ITS_LINE,
};

/** What undoing an act would take back, in as few words as a button has room for. */
export function undoHint(
  act: LoggedAct,
  sheet: JobSheet,
  units: ReaderUnits = METRIC,
  known?: Known,
): string {
  const hint = HINTS[act.type] as Hint<ActType> | null;
  return hint?.(act.data, sheet) ?? small(actLine(act, sheet, units, known).what);
}
