import {
  readInstrumentLine,
  type InstrumentMessage,
  type TargetMessage,
} from '@cardinex/contract/instruments/message';

export type Values = Pick<
  Extract<InstrumentMessage, { type: 'reading' }>,
  'nm' | 'deg' | 'bar' | 'code'
>;

/** What an instrument tells whoever listens. */
interface InstrumentListener {
  readonly onStanding: (standing: InstrumentStanding, name: string) => void;
  readonly onSample: (values: Values) => void;
  readonly onReading: (values: Values) => void;
}

export type InstrumentStanding = 'connecting' | 'connected' | 'lost';

/** A wrench or a gauge that speaks for itself. */
export interface Instrument {
  /** Says what is asked for next; kept until it is connected. */
  readonly aim: (target: TargetMessage) => void;
  readonly close: () => void;
}

/** Lost, it is called again after so long. */
const AGAIN_MS = 2000;

/**
 * Connects to an instrument and keeps calling until it answers, or is closed.
 * @param address "127.0.0.1:4705/wrench", with or without ws:// before it
 */
export function openInstrument(address: string, listener: InstrumentListener): Instrument {
  let socket: WebSocket | null = null;
  let closed = false;
  let again: ReturnType<typeof setTimeout> | undefined;
  let target: TargetMessage | null = null;
  let name = '';

  const tell = (): void => {
    if (target && socket?.readyState === WebSocket.OPEN) {
      socket.send(`${JSON.stringify(target)}\n`);
    }
  };
  const callAgain = (): void => {
    if (closed) return;
    listener.onStanding('lost', name);
    again = setTimeout(call, AGAIN_MS);
  };
  const hear = (line: string): void => {
    const message = readInstrumentLine(line);
    switch (message?.type) {
      case 'hello':
        name = message.name;
        return listener.onStanding('connected', name);
      case 'sample':
        return listener.onSample(message);
      case 'reading':
        return listener.onReading(message);
      // What is no message is passed over.
      case undefined:
        return;
    }
  };
  function call(): void {
    listener.onStanding('connecting', name);
    try {
      socket = new WebSocket(/^wss?:/.test(address) ? address : `ws://${address}`);
    } catch {
      // An address that is none: said as lost, and asked for again when it is changed.
      return listener.onStanding('lost', name);
    }
    socket.onopen = tell;
    socket.onmessage = ({ data }) => String(data).split('\n').filter(Boolean).forEach(hear);
    socket.onclose = callAgain;
  }
  call();
  return {
    aim: (next) => {
      target = next;
      tell();
    },
    close: () => {
      closed = true;
      clearTimeout(again);
      socket?.close();
    },
  };
}
