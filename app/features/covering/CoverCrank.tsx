import { View } from 'react-native';
import { crankForCover } from '@cardinex/core/job/cards/tighten/covering';
import type { Check } from '@cardinex/core/job/checks/check';
import type { JobSheet } from '@cardinex/core/job/scope';
import { headCrankPlace } from '@cardinex/core/sheet/assembly/pieceLines';
import { firingOf } from '@cardinex/core/sheet/overheadOf';
import { coveringWords as w } from '@cardinex/words/cards/covering';
import { degrees } from '@cardinex/words/quantity';
import { Body } from '../../ui/Words';
import { RimDistance } from '../crank/RimDistance';
import { CrankClock } from '../valves/barring/CrankClock';

/** Where the crank stands for a head to go on, drawn and in words; nothing where it may stand anywhere. */
export function CoverCrank({ sheet, of }: { sheet: JobSheet; of: Check }) {
  const found = crankForCover(sheet, of);
  const { rotation } = sheet;
  const place = headCrankPlace(sheet);
  if (!found || !place) return null;
  return (
    <View className="gap-1">
      {rotation ? (
        <CrankClock
          rotation={rotation}
          firing={firingOf(sheet)}
          atDeg={null}
          toDeg={found.atDeg}
          barDeg={null}
          centre={degrees(found.atDeg)}
        />
      ) : null}
      <Body className="font-strong">
        {found.cylinder === null
          ? w.offTop(degrees(found.atDeg), degrees(found.fromTopDeg))
          : w.atTop(place.stands === 'its-rod-at-top', found.cylinder, degrees(found.atDeg))}
      </Body>
      <RimDistance sheet={sheet} deg={found.atDeg} />
    </View>
  );
}
