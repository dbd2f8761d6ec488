import { View } from 'react-native';
import Svg, { Circle, G, Path, Polygon, Rect } from 'react-native-svg';
import { thrustDegOf } from '@cardinex/core/sheet/thrustDegOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { buildWords as w } from '@cardinex/words/en/cards/buildSteps';
import { sideName } from '@cardinex/words/en/pistons';
import { endName } from '@cardinex/words/en/quantity';
import { DrawnWord } from '../../ui/DrawnWord';
import { usePalette } from '../../ui/useTheme';

const WIDTH = 340;
const HEIGHT = 250;
const CX = WIDTH / 2;
const CY = 132;
const CROWN = 96;

/** A piston from above with its rod behind it: which way crown, rod and an offset pin lie. */
export function PistonDrawing({ sheet }: { sheet: EngineSheet }) {
  const c = usePalette();
  const thrustDeg = thrustDegOf(sheet);
  const { crown, rod, pinOffset } = sheet.pistons?.orientation ?? {};
  const right = (side: 'thrust' | 'anti-thrust'): boolean =>
    (side === 'thrust') === (thrustDeg !== 270);
  const shift = pinOffset === undefined ? 0 : right(pinOffset) ? 12 : -12;
  const down = crown !== undefined && crown.towards !== sheet.cylinder1End;
  const said = [
    crown && `${crown.mark} towards ${endName(crown.towards)}.`,
    rod && `${rod.mark} on the rod towards the ${sideName(rod.towards)}.`,
    pinOffset && `Pin off the middle towards the ${sideName(pinOffset)}.`,
  ].filter(Boolean);
  return (
    <View role="img" aria-label={w.pistonDrawing(endName(sheet.cylinder1End), said.join(' '))}>
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT, maxHeight: 270 }}
        aria-hidden
      >
        <Circle cx={CX} cy={CY} r={CROWN} fill={c.card} stroke={c.ink} strokeWidth={c.stroke * 2} />
        <Rect
          x={CX + shift - 14}
          y={CY - CROWN + 10}
          width={28}
          height={2 * CROWN - 20}
          rx={4}
          fill={c.tab}
          stroke={c.soft}
          strokeWidth={1.5}
        />
        {crown ? (
          <G x={CX} y={CY} rotation={down ? 180 : 0}>
            <Polygon points="0,-84 20,-50 7,-50 7,-10 -7,-10 -7,-50 -20,-50" fill={c.blue} />
          </G>
        ) : null}
        {crown ? (
          <DrawnWord x={CX} y={down ? CY - 4 : CY + 16} text={crown.mark} fill={c.blue} size={17} />
        ) : null}
        {thrustDeg === null ? null : (
          <G>
            <Path
              d={`M${side(thrustDeg === 90, CROWN + 6)} ${CY - 42} L${side(thrustDeg === 90, CROWN + 6)} ${CY + 42}`}
              stroke={c.ink}
              strokeWidth={6}
            />
            <DrawnWord
              x={side(thrustDeg === 90, CROWN + 36)}
              y={CY + 62}
              text={w.thrustSide}
              fill={c.soft}
              size={15}
            />
          </G>
        )}
        {rod ? (
          <G>
            <Rect
              x={side(right(rod.towards), 62) - 26}
              y={CY + 28}
              width={52}
              height={26}
              rx={4}
              fill={c.card}
              stroke={c.blue}
              strokeWidth={2.5}
            />
            <DrawnWord
              x={side(right(rod.towards), 62)}
              y={CY + 47}
              text={rod.mark}
              fill={c.blue}
              size={14}
            />
          </G>
        ) : null}
        <DrawnWord
          x={CX}
          y={20}
          text={`▲ ${endName(sheet.cylinder1End).replace('the ', '')}`}
          fill={c.ink}
          size={17}
        />
      </Svg>
    </View>
  );
}

function side(right: boolean, by: number): number {
  return CX + (right ? by : -by);
}
