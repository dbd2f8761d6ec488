import type { HandMessage, InstrumentMessage } from '@cardinex/contract/instruments/message';

/** As finely as it is told while it turns. */
const STEP_DEG = 3;

/** A degree encoder on a crank that somebody bars: it counts from where it was switched on. */
export class StandInEncoder {
  private standsAt = 0;

  hello(): InstrumentMessage {
    return {
      type: 'hello',
      format: 'instrument/1',
      name: 'Stand-in crank encoder',
      reads: ['crank'],
    };
  }

  /** Said to whoever begins to listen: what it goes on by is counted from here. */
  standing(at: Date): InstrumentMessage {
    return { type: 'sample', at: at.toISOString(), deg: this.standsAt };
  }

  /** It asks for nothing: the crank is barred to where the card says. */
  aim(): void {}

  /** Barred by so many degrees, told on the way, then where it stands. */
  pull({ deg = 0 }: Omit<HandMessage, 'type'>, at: Date): InstrumentMessage[] {
    const steps = Math.max(1, Math.ceil(Math.abs(deg) / STEP_DEG));
    const from = this.standsAt;
    this.standsAt += deg;
    const textOf = (n: number) => ({
      at: new Date(at.getTime() + n * 20).toISOString(),
      deg: from + (deg * n) / steps,
    });
    return [
      ...Array.from({ length: steps }, (_, n): InstrumentMessage => ({
        type: 'sample',
        ...textOf(n + 1),
      })),
      { type: 'reading', ...textOf(steps) },
    ];
  }
}
