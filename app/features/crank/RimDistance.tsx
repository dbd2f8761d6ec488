import { rim } from '@cardinex/core/crank/rim';
import { figureMm } from '@cardinex/core/quantity/figureMm';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { buildWords as w } from '@cardinex/words/cards/buildSteps';
import { Small } from '../../ui/Words';

/** A crank position as a tape measures it along the rim; nothing at the mark, or where no rim is printed. */
export function RimDistance({ sheet, deg }: { sheet: EngineSheet; deg: number }) {
  const dia = sheet.crank?.rimDiameter;
  const along = dia ? rim({ deg, rimDiaMm: figureMm(dia) }).mm : undefined;
  if (along === undefined || deg <= 0) return null;
  return <Small>{w.rim(`${Math.round(along)} mm`)}</Small>;
}
