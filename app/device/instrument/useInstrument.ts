import { useLayoutEffect, useRef, useState } from 'react';
import type { InstrumentKind } from '@cardinex/contract/instruments/kinds';
import type { TargetMessage } from '@cardinex/contract/instruments/message';
import type { TraceSample } from '@cardinex/core/tightening/traceVerdict';
import { isModalOpen } from '../../ui/hand/modal';
import { signal } from '../../ui/signal';
import { usePreferences } from '../preferences';
import {
  openInstrument,
  type Instrument,
  type InstrumentStanding,
  type Values,
} from './openInstrument';

export interface InHand {
  /** Null where this device has none. */
  readonly standing: InstrumentStanding | null;
  readonly name: string;
  /** What it shows at this moment; null between pulls. */
  readonly live: Values | null;
}

/**
 * The wrench or gauge this device listens to, aimed at what is asked for next. What it sends while a
 * slip lies over the card is refused, as every key and touch behind it is.
 * @param kind null where the act in hand is read by none
 * @param onReading told what a pull came to, with its samples
 */
export function useInstrument(
  kind: InstrumentKind | null,
  target: TargetMessage | null,
  onReading: (values: Values, samples: readonly TraceSample[]) => void,
): InHand {
  const { instruments } = usePreferences();
  const address = kind === null ? '' : instruments[kind].trim();
  const [standing, setStanding] = useState<InHand>({ standing: null, name: '', live: null });
  const open = useRef<Instrument | null>(null);
  const latest = useRef(onReading);
  // Before the screen shows the next act: whoever sees it and pulls at once pulls to its value, and
  // what comes of it is held against it.
  useLayoutEffect(() => {
    latest.current = onReading;
  });
  useLayoutEffect(() => {
    if (address === '') return;
    let samples: TraceSample[] = [];
    const instrument = openInstrument(address, {
      onStanding: (now, name) => setStanding({ standing: now, name, live: null }),
      onSample: (values) => {
        const { deg, nm } = values;
        const last = samples.at(-1);
        if (deg !== undefined && nm !== undefined && (!last || deg > last.deg)) {
          samples.push({ deg, nm });
        }
        setStanding((before) => ({ ...before, live: values }));
      },
      onReading: (values) => {
        const trace = samples;
        samples = [];
        setStanding((before) => ({ ...before, live: null }));
        if (isModalOpen()) return signal('refused');
        latest.current(values, trace);
      },
    });
    open.current = instrument;
    return () => {
      open.current = null;
      instrument.close();
    };
  }, [address]);
  const aimed = target === null ? null : JSON.stringify(target);
  useLayoutEffect(() => {
    if (aimed !== null) open.current?.aim(JSON.parse(aimed) as TargetMessage);
  }, [aimed, address]);
  return address === '' ? { standing: null, name: '', live: null } : standing;
}
