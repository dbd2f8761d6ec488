import { pistonPlacings } from '@cardinex/core/crank/pistonPlacing';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { cylinderOverPiston } from '@cardinex/core/sheet/pistonRoute';
import { firingOf } from '@cardinex/core/sheet/overheadOf';
import { buildWords as w } from '@cardinex/words/cards/buildSteps';
import { degrees, listed } from '@cardinex/words/quantity';
import { Body } from '../../ui/Words';
import { RimDistance } from '../crank/RimDistance';

/** Where the crank stands for one piston to go in; nothing where the sheet has no firing order. */
export function CrankFor({ sheet, cylinder }: { sheet: EngineSheet; cylinder: number }) {
  const over = cylinderOverPiston(sheet);
  const placing = pistonPlacings(firingOf(sheet), over ? 'top' : 'bottom').find(
    (entry) => entry.cylinder === cylinder,
  );
  if (!placing) return null;
  const { atDeg, together } = placing;
  const others = together.length > 0 ? w.with(listed(together)) : '';
  return (
    <>
      <Body className="font-strong">
        {w.crankAt((over ? w.atTop : w.atBottom)(degrees(atDeg), others))}
      </Body>
      <RimDistance sheet={sheet} deg={atDeg} />
    </>
  );
}
