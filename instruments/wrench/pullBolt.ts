import type { Seeded } from '@cardinex/core/quantity/seeded';
import type { TraceSample } from '@cardinex/core/tightening/traceVerdict';
import { torqueAt, type Bolt } from './bolt';

/** Where a pull ends: at a torque, or at a turn from where a torque was felt. */
export type PullUntil = { readonly nm: number } | { readonly deg: number; readonly fromNm: number };

interface Pull {
  readonly samples: readonly TraceSample[];
  /** Where the bolt stands afterwards, turned from finger tight. */
  readonly deg: number;
  readonly peakNm: number;
  /** Turned past the torque from which it is counted; null for a pull to a torque. */
  readonly turnedDeg: number | null;
}

/** The wrench reads about this often as it turns. */
const STEP_DEG = 1;
/** What it reads is off by about this share, from one sample to the next. */
const NOISE_SHARE = 0.004;
/** Nobody pulls further than this. */
const MOST_DEG = 900;

/**
 * Pulls a bolt on from where it stands until it has what was asked, sample by sample.
 * @param from turned from finger tight
 */
export function pullBolt(bolt: Bolt, from: number, until: PullUntil, chance: Seeded): Pull {
  const samples: TraceSample[] = [];
  let deg = from;
  let peakNm = 0;
  let snugDeg: number | null = null;
  while (deg < from + MOST_DEG) {
    const nm = Math.max(0, torqueAt(bolt, deg) * (1 + NOISE_SHARE * chance.normal()));
    samples.push({ deg, nm });
    peakNm = Math.max(peakNm, nm);
    if ('nm' in until && nm >= until.nm) break;
    if ('deg' in until) {
      if (snugDeg === null && nm >= until.fromNm) snugDeg = deg;
      if (snugDeg !== null && deg - snugDeg >= until.deg) break;
    }
    deg += STEP_DEG * (0.8 + 0.4 * chance.even());
  }
  const turnedDeg = 'deg' in until ? deg - (snugDeg ?? deg) : null;
  return { samples, deg, peakNm, turnedDeg };
}
