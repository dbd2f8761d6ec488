import type { ActLine } from './actLine';
import type { HowRead, RunName, Side } from '@cardinex/core/job/facts/run';
import type { Attempt } from '@cardinex/core/job/facts/runs';
import type { ActOf } from '@cardinex/core/job/act';
import { readKey, stageKey } from '@cardinex/core/job/run/runKey';
import { setForRun, STRIP } from '@cardinex/core/job/slackening';
import { setOf, stagesOf } from '@cardinex/core/sheet/programmeOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { faultName } from './boltFaults';
import { capital } from './capital';
import { holesText } from './holes';
import { METRIC, degrees, listed, pressure, setting, torque, type ReaderUnits } from './quantity';

type RunType =
  | 'run.prepared'
  | 'wrench.let-back'
  | 'run.marked'
  | 'bolt.pulled'
  | 'bolt.turned'
  | 'bolt.eased'
  | 'bolts.reported'
  | 'stage.set'
  | 'stud.tensioned'
  | 'step.done'
  | 'bolt.failed'
  | 'bolt.taken-out'
  | 'contest.decided';

/** One line of the record for an act of a run. */
export function runLine(
  act: { [T in RunType]: ActOf<T> }[RunType],
  sheet: EngineSheet,
  units: ReaderUnits = METRIC,
): ActLine {
  switch (act.type) {
    case 'run.prepared': {
      const { wrench, adapter, treatment } = act.data;
      const reach = adapter ? `, adapter ${adapter.mm} mm at ${degrees(adapter.deg)}` : '';
      const { override } = act.data;
      const said = [treatment, override && `Used all the same: ${override}`].filter(Boolean);
      return { what: `${wrench?.name ?? 'Jacks'} in hand${reach}`, words: said.join('. ') };
    }
    case 'wrench.let-back':
      return { what: 'Wrench let back to the bottom of its scale' };
    case 'bolt.pulled': {
      return {
        what: `${boltName(sheet, act.data.key)}${againWord(act.data.pass)}`,
        value: torque(act.data.nm, units),
        ...reachedWords(act.data, units),
      };
    }
    case 'bolts.reported':
      return reportedLine(act.data, sheet, units);
    case 'stage.set':
      return stageSetLine(act.data, sheet, units);
    case 'bolt.turned':
      return {
        what: `${boltName(sheet, act.data.key)}${againWord(act.data.pass)}`,
        value: `turned ${degrees(act.data.deg)}`,
        ...reachedWords(act.data, units),
      };
    case 'bolt.eased':
      return {
        what: `${boltName(sheet, act.data.key)}${againWord(act.data.pass)}`,
        value: 'eased',
      };
    case 'stud.tensioned':
      return {
        what: `${boltName(sheet, act.data.key)}${againWord(act.data.pass)}`,
        value: pressure(act.data.bar, units),
        ...tensionedWords(act.data, units),
      };
    case 'step.done':
      return {
        what: boltName(sheet, act.data.key),
        value: act.data.words === undefined ? 'done' : 'cut short',
        ...(act.data.words && { words: act.data.words }),
      };
    case 'bolt.failed':
      return {
        what: boltName(sheet, act.data.key),
        value: faultName(act.data.fault).toLowerCase(),
        words: act.data.words,
      };
    case 'contest.decided':
      return { what: `${boltName(sheet, act.data.key)}: decided`, words: act.data.words };
    case 'run.marked':
      return { what: `${runName(sheet, act.data.run)}: every one marked with paint` };
    case 'bolt.taken-out': {
      const { run, fastener, words, renewed } = act.data;
      const set = setOf(sheet, run.set);
      const number = set?.fasteners.find(({ id }) => id === fastener)?.number ?? fastener;
      return {
        what: `${runName(sheet, run)}: bolt ${number} out again`,
        ...(renewed && { value: 'a new one goes in' }),
        words,
      };
    }
  }
}

/** "Head bolts: bolts 3, 7 and 1, stage 2", said afterwards. */
function reportedLine(
  { pulls }: ActOf<'bolts.reported'>['data'],
  sheet: EngineSheet,
  units: ReaderUnits,
): ActLine {
  const [first] = pulls;
  if (!first) return { what: '' };
  const numbers = pulls.map(({ key }) => boltNumber(sheet, key).replace(/^bolt /, ''));
  const { run, stage } = readKey(first.key);
  const values = [...new Set(pulls.map(({ nm }) => torque(nm, units)))];
  return {
    what: `${runName(sheet, run)}: bolts ${listed(numbers)}, ${stageName(sheet, run, stage)}`,
    value: listed(values),
    words: 'said afterwards',
  };
}

/** What the hand was set to between two stages. */
function stageSetLine(
  { run, stage, values, settingsNm }: ActOf<'stage.set'>['data'],
  sheet: EngineSheet,
  units: ReaderUnits,
): ActLine {
  const kind = stagesOfRun(sheet, run).find((s) => stageKey(s.cycle, s.stage.id) === stage)?.stage
    .kind;
  return {
    what: `${runName(sheet, run)}: set for ${stageName(sheet, run, stage)}`,
    value: listed(
      kind === 'angle' || kind === 'slacken'
        ? values.map(degrees)
        : kind === 'hydraulic' || kind === 'hydraulic-check'
          ? values.map((bar) => pressure(bar, units))
          : settingsNm.map((nm) => setting(nm, units)),
    ),
  };
}

/** Where the pump was stopped, and how far the nut went. */
function tensionedWords(
  { reachedBar, read, holes }: ActOf<'stud.tensioned'>['data'],
  units: ReaderUnits,
): { words?: string } {
  const said = [
    reachedBar !== undefined &&
      `pumped to ${pressure(reachedBar, units)}${read === 'instrument' ? ', read by the gauge' : ''}`,
    holes !== undefined && `nut went ${holesText(holes)}`,
  ].filter(Boolean);
  return said.length > 0 ? { words: said.join('; ') } : {};
}

/** What was read of one pull beside that it was made. */
export function attemptReached(
  { reachedNm, reachedDeg, holes, fault, afterwards }: Attempt,
  units: ReaderUnits,
): readonly string[] {
  return [
    reachedNm === undefined ? '' : capital(reachedNmWords(reachedNm, units)),
    reachedDeg === undefined ? '' : `Turned ${degrees(reachedDeg)}`,
    holes === undefined ? '' : `Nut went ${holesText(holes)}`,
    afterwards ? 'Said afterwards' : '',
    fault?.words ?? '',
  ].filter(Boolean);
}

/** "reached 85.2 N·m", in the reader's unit */
export function reachedNmWords(nm: number, units: ReaderUnits): string {
  return `reached ${setting(nm, units)}`;
}

/** What the wrench showed, at which end, and what swung it. */
function reachedWords(
  data: {
    readonly reachedNm?: number;
    readonly reachedDeg?: number;
    readonly read?: HowRead;
    readonly side?: Side;
    readonly by?: 'power';
  },
  units: ReaderUnits,
): { words?: string } {
  const { reachedNm, reachedDeg, read, side, by } = data;
  const reached =
    reachedNm !== undefined
      ? reachedNmWords(reachedNm, units)
      : reachedDeg !== undefined
        ? `reached ${degrees(reachedDeg)}`
        : '';
  const said = [
    side && `${side} end`,
    reached && (read === 'instrument' ? `${reached}, read by the wrench` : reached),
    by && 'by power tool',
  ].filter(Boolean);
  return said.length > 0 ? { words: said.join(', ') } : {};
}

/** Which bolt of which set, and at which stage: "Head bolts: bolt 7, stage 2"; "Head studs 3: bolt 2, stage 1". */
export function boltName(sheet: EngineSheet, key: string): string {
  const { run, stage } = readKey(key);
  return `${runName(sheet, run)}: ${boltNumber(sheet, key)}, ${stageName(sheet, run, stage)}`;
}

function stagesOfRun(sheet: EngineSheet, run: RunName): ReturnType<typeof stagesOf> {
  const set = setForRun(sheet, run) ?? setOf(sheet, run.set);
  return set ? stagesOf(set) : [];
}

/** "stage 2", "slackening step 1" */
function stageName(sheet: EngineSheet, run: RunName, stage: string): string {
  const place =
    stagesOfRun(sheet, run).findIndex((s) => stageKey(s.cycle, s.stage.id) === stage) + 1;
  return `${run.programme === STRIP ? 'slackening step' : 'stage'} ${place}`;
}

/** "bolt 7", by its printed number; "all" for what is done to all of them. */
export function boltNumber(sheet: EngineSheet, key: string): string {
  const { run, fastener } = readKey(key);
  const set = setForRun(sheet, run) ?? setOf(sheet, run.set);
  const found = set?.fasteners.find((f) => f.id === fastener);
  return found ? `bolt ${found.number}` : 'all';
}

/** What is pulled, with which of several: "Head bolts", "Head studs 3". */
function runName(sheet: EngineSheet, run: RunName): string {
  const set = setOf(sheet, run.set);
  if (!set) return run.set;
  return set.instances.length > 1 ? `${set.name} ${run.instance}` : set.name;
}

function againWord(pass: number): string {
  return pass > 1 ? ', again' : '';
}
