import { cycleDegrees } from '@cardinex/core/overhead/cycle';
import { cycleWindows } from '@cardinex/core/sheet/cycleWindows';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Drawing } from '@cardinex/drawings/shape';
import { valveWindowsDrawing } from '@cardinex/drawings/sheet/valveWindows';
import { degrees } from '../quantity';
import { sheetsWords } from '../sheets/screen';

/** One cylinder's cycle; null where the sheet names no cam events. */
export function valveWindows(sheet: EngineSheet): Drawing | null {
  const windows = cycleWindows(sheet);
  if (windows.length === 0) return null;
  const { windowName, lifted, windowsLabel, strokes4, strokes2 } = sheetsWords;
  const sentences = windows.map((window) =>
    lifted(windowName(window), degrees(window.fromDeg), degrees(window.toDeg)),
  );
  return valveWindowsDrawing({
    windows,
    cycleDeg: cycleDegrees(sheet.strokes),
    strokes: sheet.strokes === 4 ? strokes4 : strokes2,
    nameOf: windowName,
    degrees,
    description: windowsLabel(sentences.join(' ')),
  });
}
