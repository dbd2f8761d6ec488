import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { valveWindows } from '@cardinex/words/drawn/valveWindows';
import { DrawingView } from '../../ui/drawing/DrawingView';

/** One cylinder's cycle from its firing top; nothing where the sheet names no events. */
export function WindowsChart({ sheet }: { sheet: EngineSheet }) {
  const drawing = valveWindows(sheet);
  return drawing && <DrawingView drawing={drawing} />;
}
