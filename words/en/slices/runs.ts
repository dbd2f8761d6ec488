import { withinSentence } from '../sentence';
import type { RunsActs } from '@cardinex/core/job/facts/runs';
import type { HowRead, Side } from '@cardinex/core/job/facts/run';
import { readKey, stageKey } from '@cardinex/core/job/run/runKey';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import type { ActLine } from '../actLine';
import { withWords, type Around, type SliceWords } from '../actWords';
import { faultName } from '../boltFaults';
import { holesText } from '../holes';
import { degrees, listed, pressure, setting, torque, type ReaderUnits } from '../quantity';
import { boltName, boltNumber, reachedNmWords, runName, stageName, stagesOfRun } from '../runNames';

export const runsActWords: SliceWords<RunsActs> = {
  'run.prepared': {
    line: ({ wrench, adapter, treatment, override, side }) => {
      const reach = adapter ? `, adapter ${adapter.mm} mm at ${degrees(adapter.deg)}` : '';
      const described = [treatment, override && `Used all the same: ${override}`].filter(Boolean);
      const at = side ? `, ${side} side` : '';
      return {
        what: `${wrench?.name ?? 'Jacks'} in hand${reach}${at}`,
        words: described.join('. '),
      };
    },
  },
  'wrench.let-back': {
    line: ({ side }) => ({
      what: `Wrench let back to the bottom of its scale${side ? `, ${side} side` : ''}`,
    }),
  },
  'bolt.pulled': {
    line: (data, { sheet, units }) => ({
      what: pulled(data, sheet),
      value: torque(data.nm, units),
      ...reachedWords(data, units),
    }),
    undo: bolt,
  },
  'bolts.reported': {
    line: reportedLine,
    undo: ({ pulls }, { sheet }) =>
      `bolts ${pulls.map(({ key }) => boltNumber(sheet, key).replace('bolt ', '')).join(' ')}`,
  },
  'stage.set': { line: stageSetLine, undo: () => 'the setting' },
  'bolt.turned': {
    line: (data, { sheet, units }) => ({
      what: pulled(data, sheet),
      value: `turned ${degrees(data.deg)}`,
      ...reachedWords(data, units),
    }),
    undo: bolt,
  },
  'bolt.eased': {
    line: (data, { sheet }) => ({ what: pulled(data, sheet), value: 'eased' }),
    undo: bolt,
  },
  'stud.tensioned': {
    line: (data, { sheet, units }) => ({
      what: pulled(data, sheet),
      value: pressure(data.bar, units),
      ...tensionedWords(data, units),
    }),
    undo: bolt,
  },
  'step.done': {
    line: ({ key, words }, { sheet }) =>
      withWords(
        { what: boltName(sheet, key), value: words === undefined ? 'done' : 'cut short' },
        words,
      ),
    undo: bolt,
  },
  'bolt.failed': {
    line: ({ key, fault, words }, { sheet }) => ({
      what: boltName(sheet, key),
      value: withinSentence(faultName(fault)),
      words,
    }),
    undo: bolt,
  },
  'bolt.taken-out': {
    line: ({ run, fastener, words, renewed }, { sheet }) => {
      const set = setOf(sheet, run.set);
      const number = set?.fasteners.find(({ id }) => id === fastener)?.number ?? fastener;
      return {
        what: `${runName(sheet, run)}: bolt ${number} out again`,
        ...(renewed && { value: 'a new one goes in' }),
        words,
      };
    },
  },
  'run.marked': {
    line: ({ run }, { sheet }) => ({ what: `${runName(sheet, run)}: every one marked with paint` }),
  },
  'cap.turned': {
    line: ({ run, fasteners, found, words }, { sheet }) => {
      const set = setOf(sheet, run.set);
      const numbers = fasteners.map((id) => set?.fasteners.find((f) => f.id === id)?.number ?? id);
      const where = (set?.instances.length ?? 1) > 1 ? `, number ${run.instance}` : '';
      return withWords(
        {
          what: `${set?.name ?? run.set}${where}: turned by hand after ${listed(numbers)}`,
          value: found === 'free' ? 'free' : 'binds',
        },
        words,
      );
    },
  },
  'contest.decided': {
    line: ({ key, words }, { sheet }) => ({ what: `${boltName(sheet, key)}: decided`, words }),
  },
};

function bolt({ key }: { readonly key: string }, { sheet }: Around): string {
  return boltNumber(sheet, key);
}

/** Which bolt, and whether it is the first time. */
function pulled(
  { key, pass }: { readonly key: string; readonly pass: number },
  sheet: Around['sheet'],
): string {
  return `${boltName(sheet, key)}${pass > 1 ? ', again' : ''}`;
}

/** "Head bolts: bolts 3, 7 and 1, stage 2", said afterwards. */
function reportedLine({ pulls }: RunsActs['bolts.reported'], { sheet, units }: Around): ActLine {
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
  { run, stage, values, settingsNm, side }: RunsActs['stage.set'],
  { sheet, units }: Around,
): ActLine {
  const kind = stagesOfRun(sheet, run).find((s) => stageKey(s.cycle, s.stage.id) === stage)?.stage
    .kind;
  return {
    what: `${runName(sheet, run)}: set for ${stageName(sheet, run, stage)}${side ? `, ${side} side` : ''}`,
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
  { reachedBar, read, holes }: RunsActs['stud.tensioned'],
  units: ReaderUnits,
): { words?: string } {
  const described = [
    reachedBar !== undefined &&
      `pumped to ${pressure(reachedBar, units)}${read === 'instrument' ? ', read by the gauge' : ''}`,
    holes !== undefined && `nut went ${holesText(holes)}`,
  ].filter(Boolean);
  return described.length > 0 ? { words: described.join('; ') } : {};
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
  const described = [
    side && `${side} end`,
    reached && (read === 'instrument' ? `${reached}, read by the wrench` : reached),
    by && 'by power tool',
  ].filter(Boolean);
  return described.length > 0 ? { words: described.join(', ') } : {};
}
