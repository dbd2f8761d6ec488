import { rim } from '@cardinex/core/crank/rim';
import type { Firing } from '@cardinex/core/overhead/barringInput';
import { figureMm } from '@cardinex/core/quantity/figureMm';
import type { CrankSpec, Rotation } from '@cardinex/core/sheet/spec/layout';
import { crankClockDrawing } from '@cardinex/drawings/valves/crankClock';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { degrees, endName } from '@cardinex/words/quantity';
import { DrawingView } from '../../../ui/drawing/DrawingView';

interface Props {
  readonly rotation: Pick<Rotation, 'direction' | 'seenFrom'>;
  /** What the rim is read by: its ring gear, its diameter. */
  readonly crank?: Pick<CrankSpec, 'ringGearTeeth' | 'rimDiameter'> | undefined;
  readonly firing: readonly Firing[];
  /** Where the crank stands; null while unknown, and then the marks stand as at the target. */
  readonly atDeg: number | null;
  readonly toDeg: number;
  readonly barDeg: number | null;
  /** What stands in the middle where nothing is to be barred. */
  readonly centre?: string;
}

/** The crank as a clock face seen from the named end, with how far to bar it. */
export function CrankClock(props: Props) {
  const { rotation, crank, firing, atDeg, toDeg, barDeg, centre = '?' } = props;
  const description = w.clockLabel({
    at: atDeg === null ? null : degrees(atDeg),
    to: degrees(toDeg),
    bar: barDeg === null ? null : degrees(barDeg),
    direction: rotation.direction,
    end: endName(rotation.seenFrom),
  });
  return (
    <DrawingView
      drawing={crankClockDrawing({
        rotation,
        firing,
        standsAtDeg: atDeg ?? toDeg,
        barDeg,
        figure: barDeg === null ? centre : degrees(barDeg),
        captions: [rotation.direction, ...(barDeg ? alongRim(barDeg, crank) : [])],
        description,
      })}
      width={315}
      height={236}
      className="items-center"
    />
  );
}

/** The way to bar in teeth of the ring gear and along the rim, as far as the sheet prints them. */
function alongRim(deg: number, crank: Props['crank']): readonly string[] {
  const { ringGearTeeth, rimDiameter } = crank ?? {};
  const { teeth, mm } = rim({
    deg,
    ...(ringGearTeeth !== undefined && { teethTotal: ringGearTeeth }),
    ...(rimDiameter && { rimDiaMm: figureMm(rimDiameter) }),
  });
  return [
    ...(teeth === undefined ? [] : [w.teeth(Math.round(teeth))]),
    ...(mm === undefined ? [] : [w.onRim(Math.round(mm))]),
  ];
}
