import { lengthToMm } from '@cardinex/core/quantity/units';
import { valueIn, valuesIn } from '@cardinex/core/quantity/readQuantity';
import type { ToolIs, ToolKind } from '@cardinex/core/tools/tool';
import { toolsWords as w } from '@cardinex/words/tools';

/** What was typed, field by field. */
export type Entered = Readonly<Record<string, string>>;

interface ToolField {
  readonly key: string;
  readonly label: string;
  readonly hint?: string;
  /** Choices; absent for what is typed. */
  readonly options?: readonly { readonly value: string; readonly label: string }[];
  readonly is: 'number' | 'words' | 'choice' | 'numbers';
  readonly optional?: true;
}

const number = (key: string, label: string): ToolField => ({ key, label, is: 'number' });
const maybe = (key: string, label: string): ToolField => ({
  key,
  label,
  is: 'number',
  optional: true,
});
const words: ToolField = { key: 'words', label: w.words, is: 'words', optional: true };
const gauge: readonly ToolField[] = [
  maybe('lowMm', w.rangeLow),
  maybe('highMm', w.rangeHigh),
  maybe('readsMm', w.readsMm),
];

/** What is asked of each kind of tool. */
export const TOOL_FIELDS: Readonly<Record<ToolKind, readonly ToolField[]>> = {
  'torque-wrench': [
    { key: 'square', label: w.square, hint: w.squareHint, is: 'words' },
    number('lowNm', w.lowNm),
    number('highNm', w.highNm),
    maybe('stepNm', w.stepNm),
    number('lengthMm', w.lengthMm),
    {
      key: 'reads',
      label: w.reads,
      is: 'choice',
      options: [
        { value: 'click', label: w.click },
        { value: 'reading', label: w.reading },
      ],
    },
  ],
  adapter: [
    { key: 'fits', label: w.fits, hint: w.fitsHint, is: 'words' },
    number('lengthMm', w.adapterMm),
    number('angleDeg', w.angleDeg),
  ],
  feelers: [
    {
      key: 'unit',
      label: w.unit,
      is: 'choice',
      options: [
        { value: 'mm', label: 'mm' },
        { value: 'thou', label: 'thou' },
      ],
    },
    { key: 'leavesMm', label: w.leaves, hint: w.leavesHint, is: 'numbers' },
  ],
  'angle-gauge': [words],
  'depth-gauge': gauge,
  'dial-gauge': gauge,
  micrometer: gauge,
  'bore-gauge': gauge,
  jack: [number('areaMm2', w.areaMm2), number('maxBar', w.maxBar)],
  pump: [number('maxBar', w.maxBar)],
  'crank-bar': [words],
  'degree-wheel': [words],
  'rim-mark': [words],
};

/** A tool from what was typed, or the fields that are not yet what they must be. */
export function readTool(
  kind: ToolKind,
  entered: Entered,
): ToolIs | { readonly wrong: readonly string[] } {
  const wrong: string[] = [];
  const spec: Record<string, unknown> = {};
  for (const field of TOOL_FIELDS[kind]) {
    const text = (entered[field.key] ?? '').trim();
    if (text === '') {
      if (!field.optional) wrong.push(field.key);
      continue;
    }
    const value = valueOf(field, text, entered.unit);
    if (value === null) wrong.push(field.key);
    else spec[field.key] = value;
  }
  return wrong.length > 0 ? { wrong } : ({ kind, spec } as unknown as ToolIs);
}

const UNIT_OF_ENDING = { Nm: 'N·m', Mm: 'mm', Deg: 'deg', Bar: 'bar' } as const;

/** The unit a field's name ends in. */
function unitOfKey(key: string): string {
  const ending = Object.keys(UNIT_OF_ENDING).find((end) => key.endsWith(end));
  return ending ? UNIT_OF_ENDING[ending as keyof typeof UNIT_OF_ENDING] : '';
}

function valueOf(field: ToolField, text: string, unit: string | undefined): unknown {
  if (field.is === 'words' || field.is === 'choice') return text;
  if (field.is === 'number') {
    return valueIn(text, unitOfKey(field.key));
  }
  const typedIn = unit === 'thou' ? 'thou' : 'mm';
  const numbers = valuesIn(text, typedIn);
  if (!numbers?.every((n) => n > 0)) return null;
  return numbers.map((n) => lengthToMm(n, typedIn));
}
