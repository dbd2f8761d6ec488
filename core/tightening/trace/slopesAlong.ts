/** One sample of a trace. */
export interface TraceSample {
  readonly deg: number;
  readonly nm: number;
}

/** A stretch of a trace, and how steep it is. */
export interface TraceWindow {
  readonly from: TraceSample;
  /** Newton metres for each degree. */
  readonly slope: number;
}

/** A window is a sixth of the turn; each begins a third of a window after the one before. */
const WINDOWS_A_TURN = 6;
export const STEPS_A_WINDOW = 3;
/** Samples a window is brought to, so that traces taken fast and slow are judged alike. */
const POINTS_A_WINDOW = 12;

/**
 * How steep a trace is along its turn, window by window, each by least squares.
 * @param samples at least two, the angle rising
 */
export function slopesAlong(samples: readonly TraceSample[]): readonly TraceWindow[] {
  const points = evenly(samples, WINDOWS_A_TURN * POINTS_A_WINDOW);
  const step = POINTS_A_WINDOW / STEPS_A_WINDOW;
  const windows: TraceWindow[] = [];
  for (let at = 0; at + POINTS_A_WINDOW < points.length; at += step) {
    const window = points.slice(at, at + POINTS_A_WINDOW + 1);
    const [from] = window;
    if (from) windows.push({ from, slope: slopeThrough(window) });
  }
  return windows;
}

/** The trace at even steps of the turn, read between its samples. */
function evenly(samples: readonly TraceSample[], steps: number): readonly TraceSample[] {
  const first = samples[0]?.deg ?? 0;
  const turn = (samples.at(-1)?.deg ?? first) - first;
  let after = 1;
  return Array.from({ length: steps + 1 }, (_, at) => {
    const deg = first + (turn * at) / steps;
    while (after < samples.length - 1 && (samples[after]?.deg ?? 0) < deg) after += 1;
    const [low, high] = [samples[after - 1], samples[after]];
    if (!low || !high) return { deg, nm: samples[0]?.nm ?? 0 };
    const share = Math.min(1, (deg - low.deg) / (high.deg - low.deg));
    return { deg, nm: low.nm + share * (high.nm - low.nm) };
  });
}

function slopeThrough(points: readonly TraceSample[]): number {
  const count = points.length;
  const degMean = points.reduce((sum, { deg }) => sum + deg, 0) / count;
  const nmMean = points.reduce((sum, { nm }) => sum + nm, 0) / count;
  const across = points.reduce((sum, { deg }) => sum + (deg - degMean) ** 2, 0);
  const both = points.reduce((sum, { deg, nm }) => sum + (deg - degMean) * (nm - nmMean), 0);
  return both / across;
}
