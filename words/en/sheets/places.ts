import { withinSentence } from '../sentence';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { pointerTo } from '@cardinex/core/sheet/place';
import { pointerSteps } from '@cardinex/core/sheet/pointer';
import { isSheetPause, type SheetProgramme } from '@cardinex/core/sheet/spec/fastening';
import { printedText } from '../quantity';
import { labelOf, oneName } from './fields';

/** Steps that only hold what is named after them. */
const HOLDERS = new Set([
  'fastenedSets',
  'programme',
  'cycles',
  'figure',
  'overhead',
  'values',
  'afterwards',
]);

/**
 * A place of a sheet in the words of the screen, from the whole to the part.
 * @param pointer a JSON Pointer; an entry that its list does not have yet is called by its kind
 * @example placeLabel(sheet, '/fastenedSets/0/groups/1/treatment') // 'Head bolts, Long, Treatment'
 */
export function placeLabel(sheet: unknown, pointer: string): string {
  const steps = pointerSteps(pointer);
  const path: (string | number)[] = [];
  const names: string[] = [];
  let holder = sheet;
  for (const [depth, step] of steps.entries()) {
    const isLast = depth === steps.length - 1;
    const isEntry = Array.isArray(holder) || (holder === undefined && /^\d+$/.test(step));
    holder = (holder as Readonly<Record<string, unknown>> | undefined)?.[step];
    const list = String(path.at(-1) ?? '');
    path.push(isEntry ? Number(step) : step);
    if (isEntry) {
      const name = entryName(holder, list, Number(step));
      if (name !== null && name !== names.at(-1)) names.push(name);
    } else if (isLast ? step !== 'figure' : !HOLDERS.has(step) && !isList(holder)) {
      names.push(labelOf(path));
    }
  }
  return names.join(', ');
}

/** A place named by what stands there, in the words of the screen. */
export function namedPlaceLabel(sheet: EngineSheet, place: string): string {
  const pointer = pointerTo(sheet, place);
  const label = placeLabel(sheet, pointer ?? place);
  // What the list does not have yet is called by what it would be about.
  const about = /about=([\w-]+)$/.exec(place)?.[1];
  return about === undefined ? label : `${label.replace(/, [^,]*$/, '')}, ${afterwardsName(about)}`;
}

const AFTERWARDS: Readonly<Record<string, string>> = {
  'settle-and-check': 'settle and check',
  'after-heat': 'pull after heat',
  reuse: 'use again',
};

/** What is done, or never done, once a programme has ended. */
function afterwardsName(about: string): string {
  return AFTERWARDS[about] ?? about.replaceAll('-', ' ');
}

function isList(value: unknown): boolean {
  return Array.isArray(value);
}

/** What an entry of a list calls itself; its kind and number where it has no name. */
function entryName(entry: unknown, list: string, place: number): string | null {
  const { name, about, number, mark, part, contact } = (entry ?? {}) as Readonly<
    Record<string, unknown>
  >;
  if (typeof about === 'string') return afterwardsName(about);
  for (const one of [name, number, mark, part, contact]) if (typeof one === 'string') return one;
  if (list === 'valves') return `Valve ${String((entry as { id?: unknown }).id)}`;
  // With one cycle only, nobody counts it.
  if (list === 'cycles' && place === 0) return null;
  return list === 'values' ? null : `${oneName(list)} ${place + 1}`;
}

/** What is said somewhere on a sheet, as briefly as it can be: a figure by its text. */
export function saidShort(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value !== 'object' || value === null) return String(value).replaceAll('-', ' ');
  if (Array.isArray(value)) return value.map(saidShort).join(', ').slice(0, 80);
  const held = value as Readonly<Record<string, unknown>>;
  if ('text' in held) return String(held.text);
  if ('figure' in held && !('low' in held)) return saidShort(held.figure);
  if ('low' in held && 'high' in held && !('figure' in held)) {
    return `${saidShort(held.low)} to ${saidShort(held.high)}`;
  }
  if ('cycles' in held) return stagesShort(held as unknown as SheetProgramme);
  if ('demand' in held)
    return held.demand === 'never' ? `Never. ${String(held.says)}` : String(held.says);
  if ('says' in held) return String(held.says);
  if ('most' in held) return `${String(held.most)} times`;
  if ('missing' in held) return String(held.missing);
  return Object.entries(held)
    .filter(([key]) => !SAID_ELSEWHERE.has(key))
    .map(([key, part]) => `${withinSentence(labelOf([key]))} ${saidShort(part)}`)
    .join(', ')
    .slice(0, 80);
}

/** Who says it stands beside it; an id is nobody's word. */
const SAID_ELSEWHERE: ReadonlySet<string> = new Set(['from', 'source', 'id']);

/** A programme by its stages: "40 N·m, 90 deg, 90 deg". */
function stagesShort({ cycles }: SheetProgramme): string {
  return cycles
    .flatMap(({ stages }) =>
      stages.map((stage) => {
        if (stage.kind === 'draw-down') return 'draw down';
        if (isSheetPause(stage)) return stage.kind === 'wait' ? 'wait' : 'turn by hand';
        if (stage.kind === 'slacken') return 'slacken';
        if ('pressure' in stage) return printedText(stage.pressure);
        return stage.values.map(({ value }) => printedText(value)).join(' / ');
      }),
    )
    .join(', ');
}

/** Who says it and where, for whatever carries a source; empty where nothing does. */
export function saidWhere(value: unknown): string {
  if (typeof value !== 'object' || value === null) return '';
  const { source, figure, low } = value as Readonly<Record<string, unknown>>;
  return typeof source === 'string' ? source : saidWhere(figure ?? low);
}
