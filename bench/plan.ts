import { barringPlan, type BarringPlanInput } from '@cardinex/core/overhead/barringPlan';
import { median, type Result } from './result';

const ORDER = [1, 18, 5, 14, 3, 20, 7, 12, 9, 16, 2, 17, 6, 13, 4, 19, 8, 11, 10, 15];

/** Twenty cylinders, five items each: two valves, an injector, a brake slave and an actuator. */
function twentyCylinders(): BarringPlanInput {
  const windows = [
    { kind: 'exhaust', fromDeg: 132, toDeg: 374 },
    { kind: 'intake', fromDeg: 348, toDeg: 584 },
    { kind: 'injector', fromDeg: 610, toDeg: 60 },
    { kind: 'brake', fromDeg: 640, toDeg: 20 },
    { kind: 'actuator', fromDeg: 330, toDeg: 600 },
  ];
  return {
    strokes: 4,
    firing: ORDER.map((cylinder, place) => ({ cylinder, atDeg: place * 36 })),
    items: ORDER.flatMap((cylinder) =>
      windows.map(({ kind, fromDeg, toDeg }) => ({
        id: `${kind}-${cylinder}`,
        cylinder,
        kind,
        active: { fromDeg, toDeg },
      })),
    ),
    marginDeg: 20,
    stops: 'any',
  };
}

/** How long a plan takes for the largest engine, stopping at any whole degree. */
export function benchPlan(): Result[] {
  const input = twentyCylinders();
  const times: number[] = [];
  for (let run = 0; run < 40; run += 1) {
    const begun = performance.now();
    barringPlan({ ...input, startDeg: run * 7 });
    times.push(performance.now() - begun);
  }
  const what = 'barring plan, 20 cylinders, 100 items, any stop (median of 40)';
  return [{ what, value: median(times), unit: 'ms', limit: 100 }];
}
