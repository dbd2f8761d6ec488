import { ReckoningFault, requirePositive } from '../quantity/reckoningFault';

/** What of a thread carries and rubs, in millimetres and square millimetres. */
interface ScrewThread {
  /** Where the flanks rub, d2. */
  readonly pitchDiaMm: number;
  /** At the bottom of the thread, d3. */
  readonly coreDiaMm: number;
  /** Of the bar that is as strong as the thread, d0. */
  readonly stressDiaMm: number;
  readonly stressAreaMm2: number;
}

/** A thread's size: across its crests, and from one to the next. */
export interface ThreadSize {
  readonly diaMm: number;
  readonly pitchMm: number;
}

/**
 * The diameters of a sixty-degree thread: d2 = d − 0.64952 P, d3 = d − 1.22687 P, and of the bar that
 * is as strong, d0 = (d2 + d3) / 2.
 * @throws ReckoningFault when the pitch leaves no core
 * @example screwThread({ diaMm: 12, pitchMm: 1.75 }).stressAreaMm2 // 84.3
 */
export function screwThread({ diaMm, pitchMm }: ThreadSize): ScrewThread {
  requirePositive('diaMm', diaMm);
  requirePositive('pitchMm', pitchMm);
  const pitchDiaMm = diaMm - 0.64952 * pitchMm;
  const coreDiaMm = diaMm - 1.22687 * pitchMm;
  if (coreDiaMm <= 0) throw new ReckoningFault('pitchMm', 'pitch-too-coarse', { diaMm });
  const stressDiaMm = (pitchDiaMm + coreDiaMm) / 2;
  return {
    pitchDiaMm,
    coreDiaMm,
    stressDiaMm,
    stressAreaMm2: (Math.PI / 4) * stressDiaMm ** 2,
  };
}

const METRIC_THREAD = /^M\s*(\d+(?:[.,]\d+)?)\s*[×x]\s*(\d+(?:[.,]\d+)?)$/i;
const INCH_THREAD = /^(?:(\d+)\s+)?(\d+)\/(\d+)\s*in,?\s*(\d+)\s*to the inch$/i;

/**
 * A thread as a sheet prints it, as a size.
 * @returns null for a thread written in another way
 * @example readThread('M12 × 1.75') // { diaMm: 12, pitchMm: 1.75 }
 * @example readThread('1/2 in, 20 to the inch') // { diaMm: 12.7, pitchMm: 1.27 }
 */
export function readThread(text: string): ThreadSize | null {
  const metric = METRIC_THREAD.exec(text.trim());
  if (metric) {
    const [, dia = '', pitch = ''] = metric;
    return { diaMm: number(dia), pitchMm: number(pitch) };
  }
  const inch = INCH_THREAD.exec(text.trim());
  if (!inch) return null;
  const [, whole = '0', over = '0', under = '1', perInch = '1'] = inch;
  return {
    diaMm: (Number(whole) + Number(over) / Number(under)) * 25.4,
    pitchMm: 25.4 / Number(perInch),
  };
}

function number(text: string): number {
  return Number(text.replace(',', '.'));
}
