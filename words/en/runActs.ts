import type { ActOf, HowRead, Side } from '@cardinex/core/job/act';
import { readKey, stageKey } from '@cardinex/core/job/run/runKey';
import { setForRun, STRIP } from '@cardinex/core/job/slackening';
import { setOf, stagesOf } from '@cardinex/core/sheet/programmeOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { ActLine } from './acts';
import { faultName } from './boltFaults';
import { holesText } from './holes';
import { METRIC, degrees, pressure, torque, type ReaderUnits } from './quantity';

type RunType =
  | 'run.prepared'
  | 'wrench.let-back'
  | 'run.marked'
  | 'bolt.pulled'
  | 'bolt.turned'
  | 'bolt.eased'
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
        ...reachedWords(act.data),
      };
    }
    case 'bolt.turned':
      return {
        what: `${boltName(sheet, act.data.key)}${againWord(act.data.pass)}`,
        value: `turned ${degrees(act.data.deg)}`,
        ...reachedWords(act.data),
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
      return { what: 'Every head marked with paint' };
    case 'bolt.taken-out': {
      const { run, fastener, words, renewed } = act.data;
      const set = setOf(sheet, run.set);
      const number = set?.fasteners.find(({ id }) => id === fastener)?.number ?? fastener;
      return {
        what: `Bolt ${number} out again`,
        ...(renewed && { value: 'a new one goes in' }),
        words,
      };
    }
  }
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

/** What the wrench showed, at which end, and what swung it. */
function reachedWords(data: {
  readonly reachedNm?: number;
  readonly reachedDeg?: number;
  readonly read?: HowRead;
  readonly side?: Side;
  readonly by?: 'power';
}): { words?: string } {
  const { reachedNm, reachedDeg, read, side, by } = data;
  const reached =
    reachedNm !== undefined
      ? `reached ${reachedNm.toFixed(1)} N·m`
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

/** "Bolt 7, stage 2"; with its instance where there are several: "Head 3, stud 2, stage 1". */
export function boltName(sheet: EngineSheet, key: string): string {
  const { run, stage, fastener } = readKey(key);
  const set = setForRun(sheet, run) ?? setOf(sheet, run.set);
  const found = set?.fasteners.find((f) => f.id === fastener);
  const stages = set ? stagesOf(set) : [];
  const place = stages.findIndex((s) => stageKey(s.cycle, s.stage.id) === stage) + 1;
  const where = set && set.instances.length > 1 ? `${set.name} ${run.instance}: ` : '';
  const what = found
    ? `${where === '' ? 'Bolt' : 'bolt'} ${found.number}`
    : where === ''
      ? 'All'
      : 'all';
  return `${where}${what}, ${run.programme === STRIP ? 'slackening step' : 'stage'} ${place}`;
}

function againWord(pass: number): string {
  return pass > 1 ? ', again' : '';
}
