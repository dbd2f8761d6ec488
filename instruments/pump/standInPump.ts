import type {
  HandMessage,
  InstrumentMessage,
  TargetMessage,
} from '@cardinex/contract/instruments/message';
import { seeded } from '@cardinex/core/quantity/seeded';

const STROKES = 24;
/** The hand stops a little above or below what is asked, as a share. */
const HAND = 0.004;

/** The gauge of a hydraulic pump that somebody works, stroke by stroke. */
export class StandInPump {
  private target: TargetMessage | null = null;
  private pumped = 0;

  constructor(private readonly seed: number) {}

  hello(): InstrumentMessage {
    return {
      type: 'hello',
      format: 'instrument/1',
      name: 'Stand-in pump gauge',
      reads: ['pressure'],
    };
  }

  aim(target: TargetMessage): void {
    this.target = target;
  }

  /** Pumps to what was last asked for; nothing where no pressure was. */
  pull({ share = 1 }: Omit<HandMessage, 'type'>, at: Date): InstrumentMessage[] {
    const { bar } = this.target ?? {};
    if (bar === undefined) return [];
    this.pumped += 1;
    const { normal } = seeded(this.seed + this.pumped);
    const end = bar * share * (1 + HAND * normal());
    const timeOf = (n: number): string => new Date(at.getTime() + n * 60).toISOString();
    const rounded = (value: number): number => Math.round(Math.max(0, value));
    return [
      ...Array.from({ length: STROKES }, (_, n): InstrumentMessage => ({
        type: 'sample',
        at: timeOf(n),
        bar: rounded((end * (n + 1)) / STROKES),
      })),
      { type: 'reading', at: timeOf(STROKES), bar: rounded(end) },
    ];
  }
}
