import type { EngineSheet } from '../engineSheet';
import { valueAt } from '../pointer';
import type { Override } from '../spec/variants';
import { compareSerials } from '../variants';
import { doubt, fault, repeatedIds, type SheetFinding } from './finding';

/** What names a thing, or what the variants themselves stand on: the same on every engine of a sheet. */
const FIXED =
  /^\/(format|id|revision|name|layout|cylinder1End|otherEnd|variants|strokes)(\/|$)|\/id$/;

/** Is this a place that no variant, leaflet or deviation may change? */
export function isFixed(pointer: string): boolean {
  return FIXED.test(pointer);
}

/** Each option must be told apart, and override figures that the sheet has. */
export function checkVariants(sheet: EngineSheet): SheetFinding[] {
  const questions = sheet.variants ?? [];
  return [
    ...repeatedIds('variants', questions),
    ...questions.flatMap(({ options }, q) => {
      const at = `variants[${q}].options`;
      return [
        ...repeatedIds(at, options),
        ...options.flatMap((option, o) => {
          const { serials, seen, overrides } = option;
          const findings = overrides.flatMap((override, place) =>
            overrideFinding(sheet, override, `${at}[${o}].overrides[${place}]`),
          );
          if (!seen && !serials?.from && !serials?.to) {
            findings.push(fault(`${at}[${o}]`, 'option-not-told', { option: option.name }));
          }
          if (serials?.from && serials.to && compareSerials(serials.from, serials.to) > 0) {
            findings.push(
              fault(`${at}[${o}].serials.to`, 'serials-upside-down', {
                from: serials.from,
                to: serials.to,
              }),
            );
          }
          return findings;
        }),
      ];
    }),
  ];
}

function overrideFinding(
  sheet: EngineSheet,
  { at: pointer, to }: Override,
  at: string,
): SheetFinding[] {
  if (isFixed(pointer)) return [fault(`${at}.at`, 'override-of-id', { pointer })];
  const value = valueAt(sheet, pointer);
  if (value === undefined) return [fault(`${at}.at`, 'override-nowhere', { pointer })];
  if (kindOf(value) !== kindOf(to))
    return [fault(`${at}.to`, 'override-kind', { pointer, kind: kindOf(value) })];
  return JSON.stringify(value) === JSON.stringify(to)
    ? [doubt(`${at}.to`, 'repeated', { id: pointer })]
    : [];
}

function kindOf(value: unknown): string {
  if (Array.isArray(value)) return 'list';
  return value === null ? 'nothing' : typeof value;
}
