import type { HandMessage, InstrumentMessage } from '@cardinex/contract/instruments/message';

/** A scanner before which somebody holds a part. */
export class StandInScanner {
  hello(): InstrumentMessage {
    return { type: 'hello', format: 'instrument/1', name: 'Stand-in scanner', reads: ['code'] };
  }

  /** It asks for nothing. */
  aim(): void {}

  pull({ code }: Omit<HandMessage, 'type'>, at: Date): InstrumentMessage[] {
    return code === undefined ? [] : [{ type: 'reading', at: at.toISOString(), code }];
  }
}
