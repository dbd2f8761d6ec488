import { checkSheet } from '@cardinex/core/sheet/checks/checkSheet';
import type { SheetFinding } from '@cardinex/core/sheet/checks/finding';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { pointerSteps, valueAt } from '@cardinex/core/sheet/pointer';
import { variantOf } from '@cardinex/core/sheet/variants';
import { sheetFindingSentence } from '@cardinex/words/sheets/findings';
import { engineSheetSchema } from './engineSheet';
import { faultsOfZod, read, type DocumentFault } from '../faults';
import { soundPart } from './soundPart';

export interface SheetRead {
  /** Null while the document is not even the shape of a sheet. */
  readonly sheet: EngineSheet | null;
  readonly faults: readonly DocumentFault[];
  /** Nothing bars it from being published. */
  readonly sound: boolean;
}

/**
 * Reads a document as an engine sheet and names everything that is wrong with it: its shape, then
 * what does not add up (of a document that is no sheet yet, in the part of it that is), then what
 * each variant would make of it.
 */
export function readSheet(document: unknown): SheetRead {
  if (isDeeperThan(document, DEEPEST)) {
    return { sheet: null, faults: [{ at: '', says: TOO_DEEP, bars: true }], sound: false };
  }
  const parsed = read(engineSheetSchema, document);
  if (!parsed.success) {
    const shape = faultsOfZod(parsed.error).map((fault) => ({ ...fault, bars: true }));
    const part = soundPart(document);
    const rest = part ? part.ofWhole(checkSheet(part.sheet)).map(faultFrom) : [];
    return { sheet: null, faults: [...shape, ...rest], sound: false };
  }
  const sheet: EngineSheet = parsed.data;
  const faults = [...checkSheet(sheet).map(faultFrom), ...variantFaults(sheet)];
  return { sheet, faults, sound: faults.every((fault) => !fault.bars) };
}

/** A sheet is some twelve deep; what is much deeper was made to break whoever reads it. */
const DEEPEST = 40;
const TOO_DEEP = 'is nested deeper than any sheet';

/** Goes down level by level, not by calling itself: depth is what it must survive. */
function isDeeperThan(document: unknown, deepest: number): boolean {
  let level: unknown[] = [document];
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > deepest) return true;
    level = level.flatMap((value) =>
      typeof value === 'object' && value !== null ? Object.values(value) : [],
    );
  }
  return false;
}

function faultFrom(finding: SheetFinding): DocumentFault {
  return { at: finding.at, bars: finding.bars, says: sheetFindingSentence(finding) };
}

/** Each option laid over the sheet must make a sheet again. */
function variantFaults(sheet: EngineSheet): DocumentFault[] {
  const before = new Set(checkSheet(sheet).map(keyOf));
  if (checkSheet(sheet).some((finding) => finding.bars && finding.at.startsWith('variants')))
    return [];
  return (sheet.variants ?? []).flatMap((question, q) =>
    question.options.flatMap((option, o) => {
      const variant = variantOf(sheet, { [question.id]: option.id });
      const at = `variants[${q}].options[${o}]`;
      const parsed = read(engineSheetSchema, variant);
      if (!parsed.success) {
        return faultsOfZod(parsed.error).map((fault) => ({
          at: `${at}.overrides${overridePlace(sheet, option.overrides, fault.at)}`,
          says: `on ${option.name}, ${fault.at}: ${fault.says}`,
          bars: true,
        }));
      }
      return checkSheet(variant)
        .filter((finding) => finding.bars && !before.has(keyOf(finding)))
        .map((finding) => ({
          at: `${at}.overrides${overridePlace(sheet, option.overrides, finding.at)}`,
          says: `On ${option.name}, ${finding.at}: ${sheetFindingSentence(finding)}`,
          bars: true,
        }));
    }),
  );
}

function keyOf({ at, code }: SheetFinding): string {
  return `${at} ${code}`;
}

/** Which override of an option stands at or above a place of the sheet. */
function overridePlace(
  sheet: EngineSheet,
  overrides: readonly { readonly at: string }[],
  place: string,
): string {
  const steps = place.replaceAll(/\[(\d+)\]/g, '.$1').split('.');
  const index = overrides.findIndex(
    ({ at }) =>
      valueAt(sheet, at) !== undefined &&
      pointerSteps(at).every((step, n) => step === steps[n] || steps[n] === undefined),
  );
  return index < 0 ? '' : `[${index}]`;
}
