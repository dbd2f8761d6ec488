import { box, circle, group, line, shapes } from '../kit/shapes';
import type { Drawing, Look } from '../shape';

interface SliderFacts {
  /** After the piston's top. */
  readonly crankDeg: number;
  readonly strokeMm: number;
  /** Between the eyes of the rod. */
  readonly rodMm: number;
  /** Of the pin off the crank's axis. */
  readonly offsetMm: number;
  readonly belowTopMm: number;
  readonly description: string;
}

/** Crank, rod and piston at one angle, drawn to scale in millimetres; the dashed line is the piston's top. */
export function sliderCrankDrawing(facts: SliderFacts): Drawing {
  const { crankDeg, strokeMm, rodMm, offsetMm, belowTopMm, description } = facts;
  const r = strokeMm / 2;
  const theta = (crankDeg * Math.PI) / 180 + Math.asin(offsetMm / (r + rodMm));
  const [pinX, pinY] = [r * Math.sin(theta), -r * Math.cos(theta)];
  const top = -Math.sqrt((r + rodMm) ** 2 - offsetMm ** 2);
  const piston = top + belowTopMm;
  const wide = strokeMm * 0.9;
  const edge = strokeMm * 0.12;
  const left = -Math.max(r, wide / 2) - edge;
  const outline: Look = { stroke: 'ink', weight: strokeMm * 0.03 };
  const thin: Look = { stroke: 'soft', weight: strokeMm * 0.015 };
  return {
    kind: 'slider-crank',
    description,
    frame: {
      x: left,
      y: top - wide * 0.35 - edge,
      width: -2 * left + offsetMm,
      height: rodMm + strokeMm + wide * 0.35 + 2 * edge,
    },
    shapes: shapes(
      circle(0, 0, r, thin),
      line(left, top - wide * 0.25, -left, top - wide * 0.25, {
        ...thin,
        dash: [strokeMm * 0.06, strokeMm * 0.04],
      }),
      line(0, 0, pinX, pinY, { ...outline, weight: strokeMm * 0.06 }),
      line(pinX, pinY, offsetMm, piston, { ...outline, stroke: 'now' }),
      group(
        { x: offsetMm, y: piston },
        box(-wide / 2, -wide * 0.25, wide, wide * 0.5, { ...outline, fill: 'paper' }),
        circle(0, 0, strokeMm * 0.05, { fill: 'ink' }),
      ),
      circle(0, 0, strokeMm * 0.06, { fill: 'ink' }),
      circle(pinX, pinY, strokeMm * 0.05, { fill: 'ink' }),
    ),
  };
}
