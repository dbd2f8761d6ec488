import { foldTool } from '@cardinex/core/tools/foldTool';
import type {
  ToolAct,
  ToolActData,
  ToolActType,
  ToolIs,
  ToolState,
} from '@cardinex/core/tools/tool';

/** Fixed ids, so that a test and a story can name a tool. */
const toolId = (shop: number, tool: number): string =>
  `0190000${shop}-0000-7000-a000-${tool.toString(16).padStart(12, '0')}`;

export const DEMO_TOOL = {
  wrench1: toolId(1, 1),
  wrench2: toolId(1, 2),
  wrench3: toolId(1, 3),
  wrench4: toolId(1, 4),
  wrench5: toolId(1, 5),
  wrench7: toolId(1, 7),
  wrench8: toolId(1, 8),
  crowFoot: toolId(1, 9),
  feelers: toolId(1, 0x10),
  thouFeelers: toolId(1, 0x11),
  depthGauge: toolId(1, 0x12),
  dialGauge: toolId(1, 0x13),
  micrometer: toolId(1, 0x14),
  jack: toolId(1, 0x15),
  pump: toolId(1, 0x16),
  angleGauge: toolId(1, 0x17),
  crankBar: toolId(1, 0x18),
  longOne: toolId(2, 1),
} as const;

interface DemoTool {
  readonly id: string;
  readonly acts: readonly ToolAct[];
}

interface ToolStory {
  readonly id: string;
  readonly name: string;
  readonly is: ToolIs;
  /** Months before `now` at which it was last checked, and how long that holds. */
  readonly checked?:
    { readonly monthsAgo: number; readonly holdsMonths: number } | typeof EACH_HALF_YEAR;
  readonly points?: readonly { readonly setNm: number; readonly trueNm: number }[];
  readonly lostMm?: readonly number[];
}

/** On the first of January and July for a year, whenever the story is told: what was in date then is so in the crib. */
const EACH_HALF_YEAR = 'each half-year';

const wrench = (square: string, lowNm: number, highNm: number, lengthMm: number): ToolIs => ({
  kind: 'torque-wrench',
  spec: { square, lowNm, highNm, lengthMm, reads: 'click' },
});

/** True to its scale wherever it was tried. */
const trueAt = (...settings: number[]) => settings.map((nm) => ({ setNm: nm, trueNm: nm }));

const MM_LEAVES = [
  0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5, 0.55, 0.6, 0.65, 0.7, 0.75, 0.8, 0.85, 0.9,
  0.95, 1,
];
const THOU_LEAVES = [
  1.5, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 22, 25,
];

const LOCKSIDE: readonly ToolStory[] = [
  {
    id: DEMO_TOOL.wrench1,
    name: 'Wrench 1',
    is: wrench('3/8 in', 5, 40, 260),
    checked: EACH_HALF_YEAR,
    points: trueAt(5, 20, 40),
  },
  {
    id: DEMO_TOOL.wrench2,
    name: 'Wrench 2',
    is: wrench('3/8 in', 5, 40, 260),
    checked: EACH_HALF_YEAR,
    points: trueAt(5, 20, 40),
  },
  {
    id: DEMO_TOOL.wrench3,
    name: 'Wrench 3',
    is: wrench('1/2 in', 20, 100, 420),
    checked: EACH_HALF_YEAR,
    points: trueAt(20, 60, 100),
  },
  {
    id: DEMO_TOOL.wrench4,
    name: 'Wrench 4',
    is: wrench('1/2 in', 20, 100, 420),
    checked: EACH_HALF_YEAR,
    points: trueAt(20, 60, 100),
  },
  {
    id: DEMO_TOOL.wrench5,
    name: 'Wrench 5',
    is: wrench('1/2 in', 40, 200, 510),
    checked: EACH_HALF_YEAR,
    points: trueAt(40, 120, 200),
  },
  {
    id: DEMO_TOOL.wrench7,
    name: 'Wrench 7',
    is: wrench('3/4 in', 100, 500, 900),
    checked: EACH_HALF_YEAR,
    points: trueAt(100, 300, 500),
  },
  {
    id: DEMO_TOOL.wrench8,
    name: 'Wrench 8',
    is: {
      kind: 'torque-wrench',
      spec: { square: '3/8 in', lowNm: 20, highNm: 120, stepNm: 1, lengthMm: 380, reads: 'click' },
    },
    checked: { monthsAgo: 14, holdsMonths: 12 },
    points: [
      { setNm: 30, trueNm: 28.8 },
      { setNm: 60, trueNm: 57.3 },
      { setNm: 110, trueNm: 104.5 },
    ],
  },
  {
    id: DEMO_TOOL.crowFoot,
    name: 'Crow-foot 16',
    is: { kind: 'adapter', spec: { fits: '16 mm across flats', lengthMm: 44, angleDeg: 0 } },
  },
  {
    id: DEMO_TOOL.feelers,
    name: 'Feelers, mm',
    is: { kind: 'feelers', spec: { unit: 'mm', leavesMm: MM_LEAVES } },
    lostMm: [0.4],
  },
  {
    id: DEMO_TOOL.thouFeelers,
    name: 'Feelers, thou',
    is: { kind: 'feelers', spec: { unit: 'thou', leavesMm: THOU_LEAVES.map((t) => t * 0.0254) } },
  },
  {
    id: DEMO_TOOL.depthGauge,
    name: 'Depth gauge',
    is: { kind: 'depth-gauge', spec: { lowMm: 0, highMm: 25, readsMm: 0.01 } },
    checked: { monthsAgo: 11, holdsMonths: 12 },
  },
  {
    id: DEMO_TOOL.dialGauge,
    name: 'Dial gauge and bridge',
    is: { kind: 'dial-gauge', spec: { lowMm: 0, highMm: 10, readsMm: 0.01 } },
    checked: { monthsAgo: 5, holdsMonths: 12 },
  },
  {
    id: DEMO_TOOL.micrometer,
    name: 'Micrometer 50 to 75',
    is: { kind: 'micrometer', spec: { lowMm: 50, highMm: 75, readsMm: 0.01 } },
    checked: { monthsAgo: 7, holdsMonths: 24 },
  },
  {
    id: DEMO_TOOL.jack,
    name: 'Head stud jacks',
    is: { kind: 'jack', spec: { areaMm2: 1620, maxBar: 800 } },
    checked: { monthsAgo: 3, holdsMonths: 12 },
  },
  {
    id: DEMO_TOOL.pump,
    name: 'Hand pump',
    is: { kind: 'pump', spec: { maxBar: 1000 } },
    checked: { monthsAgo: 3, holdsMonths: 12 },
  },
  {
    id: DEMO_TOOL.angleGauge,
    name: 'Angle gauge',
    is: { kind: 'angle-gauge', spec: { words: 'Magnet arm; zero it at every bolt' } },
  },
  {
    id: DEMO_TOOL.crankBar,
    name: 'Bar for ring gears',
    is: { kind: 'crank-bar', spec: { words: 'Toothed, through the flywheel window' } },
  },
];

const WEIR_STREET: readonly ToolStory[] = [
  { id: DEMO_TOOL.longOne, name: 'The long one', is: wrench('1/2 in', 30, 150, 480) },
];

/** The tools of a demo shop, each told act by act, so that the last of them lies before `now`. */
export function demoTools(
  shop: { readonly slug: string; readonly device: string },
  by: string,
  now: Date,
): readonly DemoTool[] {
  const stories = shop.slug === 'lockside' ? LOCKSIDE : WEIR_STREET;
  return stories.map((tool) => {
    const acts: ToolAct[] = [];
    const entered = monthsBefore(now, ENTERED_MONTHS_AGO);
    const add = <T extends ToolActType>(type: T, at: Date, data: ToolActData[T]): void => {
      const id = `${tool.id.slice(0, 24)}${(Number.parseInt(tool.id.slice(24), 16) * 16 + acts.length + 0x1000).toString(16).padStart(12, '0')}`;
      const stamped = at.toISOString().replace('Z', '+00:00');
      acts.push({
        id: id.replace('-a000-', '-b000-'),
        v: 1,
        type,
        at: stamped,
        by,
        device: shop.device,
        data,
      } as unknown as ToolAct);
    };
    add('tool.entered', entered, { ...tool.is, name: tool.name });
    for (const { on, dueOn } of checksOf(tool, now)) {
      add('tool.checked', new Date(`${on}T09:00:00Z`), { on, dueOn, points: tool.points ?? [] });
    }
    for (const mm of tool.lostMm ?? []) add('leaf.lost', monthsBefore(now, 2), { mm });
    return { id: tool.id, acts };
  });
}

/** A demo tool as it stands; the same for every story told around one time. */
export function demoTool(
  shop: { readonly slug: string; readonly device: string },
  id: string,
  now: Date,
): ToolState {
  const found = demoTools(shop, 'demo', now).find((tool) => tool.id === id);
  const tool = found && foldTool(found.id, found.acts);
  if (!tool) throw new Error(`no tool ${id}`);
  return tool;
}

/** Longer ago than any story of a shop goes back. */
const ENTERED_MONTHS_AGO = 36;

function checksOf({ checked }: ToolStory, now: Date): readonly { on: string; dueOn: string }[] {
  if (!checked) return [];
  const monthsAgo =
    checked === EACH_HALF_YEAR
      ? [30, 24, 18, 12, 6, 0].map((months) => months + (now.getUTCMonth() % 6))
      : [checked.monthsAgo];
  const holdsMonths = checked === EACH_HALF_YEAR ? 12 : checked.holdsMonths;
  return monthsAgo.map((months) => ({
    on: firstOfMonth(monthsBefore(now, months)),
    dueOn: firstOfMonth(monthsBefore(now, months - holdsMonths)),
  }));
}

function monthsBefore(now: Date, months: number): Date {
  return new Date(Date.UTC(now.getUTCFullYear(), now.getUTCMonth() - months, 1, 8));
}

function firstOfMonth(date: Date): string {
  return date.toISOString().slice(0, 10);
}
