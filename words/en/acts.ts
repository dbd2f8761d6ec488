import type { LoggedAct } from '@cardinex/core/job/act';
import { readKey } from '@cardinex/core/job/cards/tighten';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { faultName } from './cards/tighten';
import { readingName } from './cards/valves';
import { METRIC, degrees, endName, length, torque, type ReaderUnits } from './quantity';

export interface ActLine {
  readonly what: string;
  /** The figure, set apart at the end of the line. */
  readonly value?: string;
  /** What someone said about it. */
  readonly words?: string;
}

/** One line of the record for an act. */
export function actLine(act: LoggedAct, sheet: EngineSheet, units: ReaderUnits = METRIC): ActLine {
  switch (act.type) {
    case 'job.opened':
      return { what: `Job opened: ${act.data.name}`, value: act.data.serial, words: act.data.why };
    case 'liner.read': {
      const place = sheet.liners.places[act.data.place] ?? String(act.data.place + 1);
      return { what: `Liner ${act.data.bore}, ${place}`, value: length(act.data.mm, units) };
    }
    case 'liners.accepted':
      return { what: 'Liners accepted', ...(act.data.words && { words: act.data.words }) };
    case 'run.prepared': {
      const { wrench, adapter, treatment } = act.data;
      const reach = adapter ? `, adapter ${adapter.mm} mm at ${degrees(adapter.deg)}` : '';
      return { what: `${wrench.name} in hand${reach}`, words: treatment };
    }
    case 'bolt.pulled': {
      const again = act.data.pass > 1 ? ', again' : '';
      return {
        what: `${boltName(sheet, act.data.key)}${again}`,
        value: torque(act.data.nm, units),
      };
    }
    case 'bolt.failed':
      return {
        what: boltName(sheet, act.data.key),
        value: faultName(act.data.fault).toLowerCase(),
        words: act.data.words,
      };
    case 'contest.decided':
      return { what: `${boltName(sheet, act.data.key)}: decided`, words: act.data.words };
    case 'caution.acknowledged':
      return { what: 'Caution acknowledged: barring' };
    case 'crank.stood':
      return { what: `Crank at ${degrees(act.data.atDeg)}`, words: act.data.seen };
    case 'crank.doubted':
      return { what: 'Crank position in doubt', words: act.data.words };
    case 'valve.read':
      return {
        what: `Valve ${act.data.valve}, ${readingName(act.data.reading).toLowerCase()}`,
        value: length(act.data.mm, units),
      };
    case 'recheck.begun':
      return { what: `Hot recheck begun`, words: act.data.words };
    case 'struck':
      return { what: 'Struck', ...(act.data.words && { words: act.data.words }) };
  }
}

/** What undoing an act would take back, in as few words as a button has room for. */
export function undoHint(act: LoggedAct, sheet: EngineSheet): string {
  switch (act.type) {
    case 'liner.read':
      return `liner ${act.data.bore}`;
    case 'valve.read':
      return `${act.data.valve} ${act.data.reading}`;
    case 'crank.stood':
      return degrees(act.data.atDeg);
    case 'bolt.pulled':
    case 'bolt.failed':
      return boltName(sheet, act.data.key).toLowerCase();
    default:
      return '';
  }
}

/** "Bolt 7, stage 2" */
export function boltName(sheet: EngineSheet, key: string): string {
  const { run, stage, fastener } = readKey(key);
  const set = setOf(sheet, run.set);
  const number = set?.fasteners.find((f) => f.id === fastener)?.number ?? fastener;
  const place = (set?.programme.stages.findIndex((s) => s.id === stage) ?? -1) + 1;
  return `Bolt ${number}, stage ${place}`;
}

/** The end cylinder 1 is at, for headings: "cylinder 1 at the fan end". */
export function cylinder1At(sheet: Pick<EngineSheet, 'cylinder1End'>): string {
  return `cylinder 1 at ${endName(sheet.cylinder1End)}`;
}
