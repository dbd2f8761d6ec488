import { withinSentence } from './sentence';
import type { Act, ActType } from '@cardinex/core/job/act';
import type { JobSheet } from '@cardinex/core/job/scope';
import type { ActLine, Known } from './actLine';
import type { ActWords, Around } from './actWords';
import { METRIC, type ReaderUnits } from './quantity';
import { attitudeActWords } from './slices/attitude';
import { causeActWords } from './slices/cause';
import { cautionsActWords } from './slices/cautions';
import { checksActWords } from './slices/checks';
import { crankActWords } from './slices/crank';
import { cribActWords } from './slices/crib';
import { gasketActWords } from './slices/gasket';
import { handsActWords } from './slices/hands';
import { heatActWords } from './slices/heat';
import { layersActWords } from './slices/layers';
import { leftOutActWords } from './slices/leftOut';
import { linersActWords } from './slices/liners';
import { marksActWords } from './slices/marks';
import { oldBoltsActWords } from './slices/oldBolts';
import { openedActWords } from './slices/opened';
import { outOfOrderActWords } from './slices/outOfOrder';
import { parkedActWords } from './slices/parked';
import { partsActWords } from './slices/parts';
import { pendingActWords } from './slices/pending';
import { photographsActWords } from './slices/photographs';
import { piecesActWords } from './slices/pieces';
import { pistonRouteActWords } from './slices/pistonRoute';
import { putOffActWords } from './slices/putOff';
import { remarksActWords } from './slices/remarks';
import { registerActWords } from './slices/register';
import { runsActWords } from './slices/runs';
import { scopeActWords } from './slices/scope';
import { struckActWords } from './slices/struck';
import { topActWords } from './slices/top';
import { valvesActWords } from './slices/valves';
import { variantActWords } from './slices/variant';

/** How every kind of act is said, slice by slice; one that is missing does not compile. */
const WORDS: { readonly [T in ActType]: ActWords<T> } = {
  ...attitudeActWords,
  ...causeActWords,
  ...cautionsActWords,
  ...checksActWords,
  ...crankActWords,
  ...cribActWords,
  ...gasketActWords,
  ...handsActWords,
  ...heatActWords,
  ...layersActWords,
  ...leftOutActWords,
  ...linersActWords,
  ...marksActWords,
  ...oldBoltsActWords,
  ...openedActWords,
  ...outOfOrderActWords,
  ...parkedActWords,
  ...partsActWords,
  ...pendingActWords,
  ...photographsActWords,
  ...piecesActWords,
  ...pistonRouteActWords,
  ...putOffActWords,
  ...remarksActWords,
  ...registerActWords,
  ...runsActWords,
  ...scopeActWords,
  ...struckActWords,
  ...topActWords,
  ...valvesActWords,
  ...variantActWords,
};

/**
 * One line of the record for an act.
 * @param known names what went in or out; without it a line says only that something did
 */
export function actLine(
  act: Act,
  sheet: JobSheet,
  units: ReaderUnits = METRIC,
  known?: Known,
): ActLine {
  return wordsOf(act).line(act.data, around(sheet, units, known));
}

/** What undoing an act would take back, in as few words as a button has room for. */
export function undoHint(
  act: Act,
  sheet: JobSheet,
  units: ReaderUnits = METRIC,
  known?: Known,
): string {
  const { undo, line } = wordsOf(act);
  const about = around(sheet, units, known);
  return undo?.(act.data, about) ?? withinSentence(line(act.data, about).what);
}

function wordsOf({ type }: Act): ActWords<ActType> {
  // Which words go with which data is lost once the act may be any.
  return WORDS[type] as unknown as ActWords<ActType>;
}

function around(sheet: JobSheet, units: ReaderUnits, known: Known | undefined): Around {
  return { sheet, units, known, lineOf: (act) => actLine(act, sheet, units, known) };
}
