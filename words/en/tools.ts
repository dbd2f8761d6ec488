import { counted } from './kit';
import type { LengthUnit } from '@cardinex/core/quantity/units';
import type { ToolRefusal } from '@cardinex/core/tools/decideTool';
import type { ToolStanding } from '@cardinex/core/tools/standing';
import type { ToolAct, ToolKind, ToolState } from '@cardinex/core/tools/tool';

import { degrees, lengthFigure, listed } from './quantity';

const KINDS: Readonly<Record<ToolKind, string>> = {
  'torque-wrench': 'Torque wrench',
  adapter: 'Open-end adapter',
  feelers: 'Feeler set',
  'angle-gauge': 'Angle gauge',
  'depth-gauge': 'Depth gauge',
  'dial-gauge': 'Dial gauge',
  micrometer: 'Micrometer',
  'bore-gauge': 'Bore gauge',
  jack: 'Jack',
  pump: 'Pump',
  'crank-bar': 'Crank bar',
  'degree-wheel': 'Degree wheel',
  'rim-mark': 'Rim mark',
};

export function toolKindName(kind: ToolKind): string {
  return KINDS[kind];
}

const STANDINGS: Readonly<Record<ToolStanding, string>> = {
  off: 'found off',
  overdue: 'check overdue',
  'due-soon': 'check due soon',
  good: 'in date',
  unchecked: 'never checked',
  retired: 'retired',
};

export function toolStandingWord(standing: ToolStanding): string {
  return STANDINGS[standing];
}

const REFUSALS: Readonly<Record<ToolRefusal, string>> = {
  'may-not': 'Your role may look at the tools but not change them.',
  'entered-already': 'This tool is in the crib already.',
  'no-such-tool': 'This shop has no such tool.',
  retired: 'This tool is retired. Enter another in its place.',
  'other-kind': 'A tool stays what it is. Retire this one and enter another.',
  'range-upside-down': 'The low end of its range is not below the high end.',
  'points-must-rise': 'List the points by rising setting, each above the one before.',
  'due-before-check': 'The next check is due before this one. Look at the dates.',
  'no-such-leaf': 'This set has no such leaf.',
  'leaf-not-lost': 'That leaf is not missing.',
};

/** Why an act on a tool was not accepted, and what to do. */
export function toolRefusalSentence(refusal: ToolRefusal): string {
  return REFUSALS[refusal];
}

/** What a tool is, in a few words. */
export function toolSpecText(tool: ToolState): string {
  switch (tool.kind) {
    case 'torque-wrench': {
      const { square, lowNm, highNm, lengthMm, reads } = tool.spec;
      return `${square}, ${lowNm} to ${highNm} N·m, ${lengthMm} mm to the hand mark, ${reads === 'click' ? 'clicks' : 'reads'}`;
    }
    case 'adapter':
      return `${tool.spec.fits}, ${tool.spec.lengthMm} mm, ${degrees(tool.spec.angleDeg)}`;
    case 'feelers':
      return `${tool.spec.leavesMm.length} leaves${tool.lostMm.length > 0 ? `, ${tool.lostMm.length} lost` : ''}`;
    case 'jack':
      return `${tool.spec.areaMm2} mm², up to ${tool.spec.maxBar} bar`;
    case 'pump':
      return `up to ${tool.spec.maxBar} bar`;
    case 'depth-gauge':
    case 'dial-gauge':
    case 'micrometer':
    case 'bore-gauge': {
      const { lowMm, highMm, readsMm } = tool.spec;
      const range = lowMm !== undefined && highMm !== undefined ? `${lowMm} to ${highMm} mm` : '';
      const step = readsMm === undefined ? '' : `reads ${readsMm} mm`;
      return listed([range, step].filter(Boolean));
    }
    case 'angle-gauge':
    case 'crank-bar':
    case 'degree-wheel':
    case 'rim-mark':
      return tool.spec.words ?? '';
  }
}

/** One line of a tool's log. */
export function toolActLine(act: ToolAct): { readonly what: string; readonly words?: string } {
  switch (act.type) {
    case 'tool.entered':
      return { what: 'Entered' };
    case 'tool.corrected':
      return { what: 'Corrected', words: act.data.words };
    case 'tool.checked': {
      const { on, dueOn, certificate, points } = act.data;
      const given = points.map((p) => `${p.setNm} gave ${p.trueNm} N·m`);
      return {
        what: `Checked ${on}, due ${dueOn}`,
        words: [certificate, ...given].filter(Boolean).join('; '),
      };
    }
    case 'tool.found-off':
      return { what: 'Found off', words: act.data.words };
    case 'leaf.lost':
      return { what: `Leaf ${act.data.mm} mm lost` };
    case 'leaf.replaced':
      return { what: `Leaf ${act.data.mm} mm replaced` };
    case 'tool.retired':
      return { what: 'Retired', words: act.data.words };
  }
}

/**
 * A feeler's leaf as it is marked, in the unit of its set, whatever unit is read in.
 * @example leafName(0.381, 'thou') // '15 thou'
 */
export function leafName(mm: number, unit: LengthUnit): string {
  return `${lengthFigure(mm, unit).replace(/\.0$/, '')} ${unit}`;
}

export const toolsWords = {
  title: 'Tool crib',
  open: 'Tools',
  hint: 'What is measured and pulled with, and whether it can be trusted.',
  none: 'No tool has been entered yet.',
  enter: 'Enter a tool',
  kind: 'What is it?',
  name: 'What it is called here',
  nameHint: 'e.g. Wrench 5',
  square: 'Square',
  squareHint: 'e.g. 1/2 in',
  lowNm: 'Range from (N·m)',
  highNm: 'Range to (N·m)',
  stepNm: 'Smallest step of its scale (N·m), if it has steps',
  lengthMm: 'From its square to the hand mark (mm)',
  reads: 'How it tells',
  click: 'Clicks',
  reading: 'Reads',
  fits: 'Fits',
  fitsHint: 'e.g. 19 mm crow-foot',
  adapterMm: 'From the square to the bolt (mm)',
  angleDeg: 'Angle to the wrench (0 straight on, 90 square)',
  unit: 'Marked in',
  leaves: 'Its leaves, with a space between',
  leavesHint: 'e.g. 0.05 0.10 0.15',
  rangeLow: 'Range from (mm)',
  rangeHigh: 'Range to (mm)',
  readsMm: 'Smallest step it reads (mm)',
  areaMm2: 'Effective area (mm²)',
  maxBar: 'Most pressure (bar)',
  words: 'In words',
  keep: 'Put it in the crib',
  needName: 'Give it a name that is on the tool.',
  needNumber: 'A number is needed here.',
  check: 'Record a check',
  checkedOn: 'Checked on',
  dueOn: 'Due again on',
  dateHint: '2026-03-31',
  dateWrong: 'A date like 2026-03-31.',
  certificate: 'Certificate, if any',
  points: 'What it gave: set and true, a pair on each line',
  pointsHint: '50 50.4',
  pointsWrong: 'Each line: what it was set to, a space, what it gave.',
  keepCheck: 'Keep the check',
  foundOff: 'It was found off',
  foundOffHint: 'e.g. dropped; clicks at 92 where 100 was set',
  keepOff: 'Mark it off',
  lost: 'lost',
  leafLost: 'Tap a leaf that is lost, or one that is back.',
  retire: 'Retire it',
  retireHint: 'why, e.g. worn out',
  suspect: 'Done with it since its last good check',
  noSuspect: 'Nothing was done with it since its last good check.',
  log: 'Its log',
  calendar: 'Calendar file',
  calendarFeed: 'Checks due, and work after heat. A calendar program can follow this address:',
  calendarName: (shop: string) => `${shop}: checks due and work after heat`,
  calendarDue: (tool: string) => `Check due: ${tool}`,
  overdue: (count: number) =>
    counted(count, { one: 'tool is off or overdue', other: 'tools are off or overdue' }),
  needsNetwork: 'Tools are entered and checked while there is a network.',
  stack: (leaves: string) => `Leaves: ${leaves}`,
  stackOf: (leaves: readonly string[], set: string) => `${listed(leaves)} from ${set}`,
  noStack: (set: string) => `${set} has no leaves that make this gap.`,
  lowInRange: 'In the lowest fifth of its range, where a wrench is least true.',
  asked: (value: string) => `for ${value} at the bolt`,
  overrideAsk: 'Why may it be used all the same? (lead only)',
  letBack: 'Let the wrench back',
  letBackHint: 'to the bottom of its scale',
  isBack: 'The wrench is let back.',
} as const;
