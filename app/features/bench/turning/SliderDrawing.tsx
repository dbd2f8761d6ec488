import { fixed, upTo } from '@cardinex/words/en/kit';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect } from 'react-native-svg';
import { turningBench as w } from '@cardinex/words/en/overheadBench';
import { usePalette } from '../../../ui/useTheme';

interface Props {
  readonly crankDeg: number;
  readonly strokeMm: number;
  readonly rodMm: number;
  readonly offsetMm: number;
  readonly belowTopMm: number;
}

/** Crank, rod and piston at one angle, drawn to scale; the dashed line is the piston's top. */
export function SliderDrawing({ crankDeg, strokeMm, rodMm, offsetMm, belowTopMm }: Props) {
  const c = usePalette();
  const r = strokeMm / 2;
  const theta = (crankDeg * Math.PI) / 180 + Math.asin(offsetMm / (r + rodMm));
  const pin = { x: r * Math.sin(theta), y: -r * Math.cos(theta) };
  const top = -Math.sqrt((r + rodMm) ** 2 - offsetMm ** 2);
  const piston = top + belowTopMm;
  const wide = strokeMm * 0.9;
  const edge = strokeMm * 0.12;
  const left = -Math.max(r, wide / 2) - edge;
  const height = rodMm + strokeMm + wide * 0.35 + 2 * edge;
  const label = w.slider(`${upTo(crankDeg, 1)}°`, fixed(belowTopMm, 1));
  const line = { stroke: c.ink, strokeWidth: strokeMm * 0.03 };
  return (
    <View role="img" aria-label={label}>
      <Svg
        width={130}
        height={210}
        viewBox={`${left} ${top - wide * 0.35 - edge} ${-2 * left + offsetMm} ${height}`}
        aria-hidden
      >
        <Circle r={r} fill="none" stroke={c.soft} strokeWidth={strokeMm * 0.015} />
        <Line
          x1={left}
          x2={-left}
          y1={top - wide * 0.25}
          y2={top - wide * 0.25}
          stroke={c.soft}
          strokeWidth={strokeMm * 0.015}
          strokeDasharray={`${strokeMm * 0.06} ${strokeMm * 0.04}`}
        />
        <Line x2={pin.x} y2={pin.y} {...line} strokeWidth={strokeMm * 0.06} />
        <Line x1={pin.x} y1={pin.y} x2={offsetMm} y2={piston} {...line} stroke={c.blue} />
        <G x={offsetMm} y={piston}>
          <Rect
            x={-wide / 2}
            y={-wide * 0.25}
            width={wide}
            height={wide * 0.5}
            fill={c.card}
            {...line}
          />
          <Circle r={strokeMm * 0.05} fill={c.ink} />
        </G>
        <Circle r={strokeMm * 0.06} fill={c.ink} />
        <Circle cx={pin.x} cy={pin.y} r={strokeMm * 0.05} fill={c.ink} />
      </Svg>
    </View>
  );
}
