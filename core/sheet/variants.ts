import type { EngineSheet } from './engineSheet';
import { memoizeByObject } from './memoize';
import { valueAt, withValueAt } from './pointer';
import type { VariantOption, VariantQuestion } from './spec/variants';

/** The option chosen for each of a sheet's variant questions, by question. */
type VariantChoice = Readonly<Record<string, string>>;

/** What an option changes: where, what the sheet says, and what this variant has instead. */
export interface VariantDifference {
  readonly at: string;
  readonly sheet: unknown;
  readonly variant: unknown;
}

/** The options chosen, in the order of the questions; a question not answered chooses none. */
export function chosenOptions(
  sheet: EngineSheet,
  choice: VariantChoice,
): readonly { readonly question: VariantQuestion; readonly option: VariantOption }[] {
  return (sheet.variants ?? []).flatMap((question) => {
    const option = question.options.find((o) => o.id === choice[question.id]);
    return option ? [{ question, option }] : [];
  });
}

/** Questions that the choice leaves open. */
export function openQuestions(
  sheet: EngineSheet,
  choice: VariantChoice,
): readonly VariantQuestion[] {
  return (sheet.variants ?? []).filter(
    (question) => !question.options.some((option) => option.id === choice[question.id]),
  );
}

/** The sheet as it holds for a variant: single figures laid over it, the rest as it stands. */
export function variantOf(sheet: EngineSheet, choice: VariantChoice): EngineSheet {
  const known = layered(sheet);
  const key = JSON.stringify((sheet.variants ?? []).map((q) => choice[q.id] ?? null));
  const before = known.get(key);
  if (before) return before;
  const overrides = chosenOptions(sheet, choice).flatMap(({ option }) => option.overrides);
  const variant = overrides.reduce<EngineSheet>(
    (layer, { at, to }) => (valueAt(layer, at) === undefined ? layer : withValueAt(layer, at, to)),
    sheet,
  );
  known.set(key, variant);
  return variant;
}

// A sheet's plans are worked out once for each object, so a variant must stay the same object.
const layered = memoizeByObject((_sheet: EngineSheet) => new Map<string, EngineSheet>());

/** Every figure in which an option differs from the sheet. */
export function differencesOf(
  sheet: EngineSheet,
  option: VariantOption,
): readonly VariantDifference[] {
  return option.overrides.map(({ at, to }) => ({ at, sheet: valueAt(sheet, at), variant: to }));
}

/**
 * The option a serial belongs to, where options are told apart by serial.
 * @returns undefined when no range holds it, or more than one does
 */
export function optionForSerial(
  question: VariantQuestion,
  serial: string,
): VariantOption | undefined {
  const holding = question.options.filter(({ serials }) => serials && isWithin(serial, serials));
  return holding.length === 1 ? holding[0] : undefined;
}

function isWithin(
  serial: string,
  { from, to }: { readonly from?: string; readonly to?: string },
): boolean {
  if (from === undefined && to === undefined) return false;
  return (
    (from === undefined || compareSerials(from, serial) <= 0) &&
    (to === undefined || compareSerials(serial, to) <= 0)
  );
}

/**
 * Serials in the order they were stamped: digits compare as numbers, the rest as text.
 * @example compareSerials('O6-900', 'O6-1200') // negative
 */
export function compareSerials(item: string, other: string): number {
  const parts = (serial: string): readonly string[] => serial.toUpperCase().match(/\d+|\D+/g) ?? [];
  const [a, b] = [parts(item), parts(other)];
  for (let place = 0; place < Math.max(a.length, b.length); place += 1) {
    const [x = '', y = ''] = [a[place], b[place]];
    const difference =
      /^\d/.test(x) && /^\d/.test(y) ? Number(x) - Number(y) : x < y ? -1 : x > y ? 1 : 0;
    if (difference !== 0) return difference;
  }
  return 0;
}
