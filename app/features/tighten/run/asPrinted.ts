import type { TorqueUnit } from '@cardinex/core/quantity/units';
import type { printedFor } from '@cardinex/core/sheet/programmeOf';
import type { SheetStage } from '@cardinex/core/sheet/spec/fastening';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { METRIC, printedSource, printedText, torque } from '@cardinex/words/quantity';

/** The value once more for whoever thinks in the other system, unless the print says it already. */
export function otherUnit(
  nm: number,
  shown: TorqueUnit,
  printed: ReturnType<typeof printedFor>,
): string {
  const other = shown === 'N·m' ? 'lbf·ft' : 'N·m';
  return printed && printedText(printed).includes(other)
    ? ''
    : `${torque(nm, { ...METRIC, torque: other })} · `;
}

/** As the book prints it, with its page; a step's own words where it has no figure. */
export function asPrinted(printed: ReturnType<typeof printedFor>, stage: SheetStage): string {
  const sentence = 'says' in stage ? stage.says : '';
  if (!printed) return sentence;
  return [sentence, w.asPrinted(printedText(printed), pageOf(printedSource(printed)))]
    .filter(Boolean)
    .join(' ');
}

/** Only the page on the front; the whole source stands on the back. */
function pageOf(source: string): string {
  return /, p\. \S+$/.exec(source)?.[0] ?? '';
}
