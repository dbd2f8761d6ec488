import { seeded } from '@cardinex/core/quantity/seeded';
import type {
  HandMessage,
  InstrumentMessage,
  TargetMessage,
} from '@cardinex/contract/instruments/message';
import type { Bolt, BoltTrouble } from './bolt';
import { makeBolt, yieldClampKn, type BoltKind } from './makeBolt';
import { pullBolt, type PullUntil } from './pullBolt';

/** What nobody said: a common bolt. */
const USUAL: BoltKind = { thread: { diaMm: 12, pitchMm: 1.75 }, yieldMpa: 940, lengthMm: 120 };
/** A bolt is meant to end at about this share of its yield. */
const MEANT = 0.65;
/** Felt at once when the wrench is put on: a turn is counted from there. */
const TOUCH_NM = 0.5;
/** Samples told of one pull; more say nothing more. */
const MOST_TOLD = 60;

interface InHole {
  readonly bolt: Bolt;
  readonly deg: number;
}

/**
 * A torque-and-angle wrench that somebody pulls, on bolts that remember how far they have been turned.
 * The same seed makes the same bolts; one in so many has a trouble.
 */
export class StandInWrench {
  private readonly holes = new Map<string, InHole>();
  private target: TargetMessage | null = null;

  constructor(
    private readonly seed: number,
    /** Share of bolts with something the matter. */
    private readonly troubled = 0,
  ) {}

  hello(): InstrumentMessage {
    return {
      type: 'hello',
      format: 'instrument/1',
      name: 'Stand-in wrench',
      reads: ['torque', 'angle'],
    };
  }

  aim(target: TargetMessage): void {
    this.target = target;
  }

  /**
   * Pulls to what was last asked for: the samples on the way, then what it came to. Nothing where
   * nothing was asked, or it is not for a wrench.
   * @param at time of the first sample; each is a fiftieth of a second after the one before
   */
  pull({ trouble, fresh, share = 1 }: Omit<HandMessage, 'type'>, at: Date): InstrumentMessage[] {
    const until = this.until(share);
    if (!this.target || !until) return [];
    const { of } = this.target;
    const known = this.holes.get(of);
    // Another state than it was in: it has been out, and was seen to.
    const stays = known && !fresh && (trouble === undefined || trouble === known.bolt.trouble);
    const before = stays ? known : { bolt: this.draw(of, trouble ?? known?.bolt.trouble), deg: 0 };
    const chance = seeded(this.seed + Math.round(before.deg * 1000) + hash(of));
    const pulled = pullBolt(before.bolt, before.deg, until, chance);
    this.holes.set(of, { bolt: before.bolt, deg: pulled.deg });
    const every = Math.max(1, Math.ceil(pulled.samples.length / MOST_TOLD));
    const samples = pulled.samples.filter(
      (_, n) => n % every === 0 || n === pulled.samples.length - 1,
    );
    const start = pulled.samples[0]?.deg ?? 0;
    const timeOf = (n: number): string => new Date(at.getTime() + n * 20).toISOString();
    const rounded = (value: number): number => Math.round(value * 100) / 100;
    return [
      ...samples.map(({ deg, nm }, n): InstrumentMessage => ({
        type: 'sample',
        at: timeOf(n),
        nm: rounded(nm),
        deg: rounded(deg - start),
      })),
      {
        type: 'reading',
        at: timeOf(samples.length),
        nm: rounded(pulled.peakNm),
        deg: rounded(pulled.turnedDeg ?? pulled.deg - start),
      },
    ];
  }

  private until(share: number): PullUntil | null {
    const { nm, deg } = this.target ?? {};
    if (deg !== undefined) return { deg: deg * share, fromNm: TOUCH_NM };
    return nm === undefined ? null : { nm: nm * share };
  }

  private draw(name: string, trouble: BoltTrouble | undefined): Bolt {
    const kind = { ...USUAL, thread: this.target?.thread ?? USUAL.thread };
    const chance = seeded(this.seed ^ hash(name));
    // Drawn whether it is used or not: a bolt is itself whatever is the matter with it.
    const [drawn, which] = [chance.even(), chance.even()];
    const chosen = trouble ?? (drawn < this.troubled ? anyTrouble(which) : 'none');
    return makeBolt(kind, { trouble: chosen, atKn: yieldClampKn(kind, 0.125) * MEANT }, chance);
  }
}

const TROUBLES = ['dirty-thread', 'bottomed', 'soft-joint', 'yields-early'] as const;

function anyTrouble(even: number): BoltTrouble {
  return TROUBLES[Math.floor(even * TROUBLES.length)] ?? 'dirty-thread';
}

function hash(text: string): number {
  return [...text].reduce((sum, char) => (Math.imul(sum, 31) + char.charCodeAt(0)) | 0, 7);
}
