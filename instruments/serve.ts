import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { WebSocketServer, type WebSocket } from 'ws';
import type { InstrumentKind } from '@cardinex/contract/instruments/kinds';
import {
  readToInstrument,
  type HandMessage,
  type InstrumentMessage,
  type TargetMessage,
} from '@cardinex/contract/instruments/message';
import { handPage } from './handPage';
import { StandInEncoder } from './encoder/standInEncoder';
import { StandInPump } from './pump/standInPump';
import { StandInScanner } from './scanner/standInScanner';
import { StandInWrench } from './wrench/standInWrench';

/** What a stand-in does, whatever it reads. */
interface StandIn {
  hello(): InstrumentMessage;
  /** What it shows before anything is done. */
  standing?(at: Date): InstrumentMessage;
  aim(target: TargetMessage): void;
  pull(hand: Omit<HandMessage, 'type'>, at: Date): InstrumentMessage[];
}

export interface Instruments {
  readonly address: string;
  /** How many are connected to one of them. */
  listeners(name: string): number;
  close(): Promise<void>;
}

/** Between two samples as they are sent: a pull takes about a second. */
const SAMPLE_MS = 16;

/**
 * The stand-ins for instruments: `/wrench`, `/pump`, `/encoder` and `/scanner`, each a WebSocket of JSON
 * lines, and a page on which a hand pulls them. Everybody connected to one hears what it reads.
 * @param options.seed makes the same bolts and hands each time
 * @param options.troubled share of bolts with something the matter
 * @param options.sampleMs 0 sends all samples at once
 */
export async function serveInstruments(options: {
  readonly port: number;
  readonly seed?: number;
  readonly troubled?: number;
  readonly sampleMs?: number;
}): Promise<Instruments> {
  const { port, seed = 1, troubled = 0, sampleMs = SAMPLE_MS } = options;
  const standIns: Readonly<Record<string, StandIn>> = {
    '/wrench': new StandInWrench(seed, troubled),
    '/pump': new StandInPump(seed),
    '/encoder': new StandInEncoder(),
    '/scanner': new StandInScanner(),
  } satisfies Readonly<Record<`/${InstrumentKind}`, StandIn>>;
  const http = createServer((request, response) => {
    const found = request.url === '/';
    response.writeHead(found ? 200 : 404, { 'content-type': 'text/html; charset=utf-8' });
    response.end(found ? handPage : 'Nothing here.');
  });
  const sockets = new WebSocketServer({ noServer: true, maxPayload: 10_000 });
  const heard = new Map<string, Set<WebSocket>>();
  http.on('upgrade', (request, socket, head) => {
    const path = request.url ?? '';
    const standIn = standIns[path];
    if (!standIn) {
      socket.destroy();
      return;
    }
    sockets.handleUpgrade(request, socket, head, (client) => {
      const clients = heard.get(path) ?? new Set();
      heard.set(path, clients.add(client));
      client.on('close', () => clients.delete(client));
      client.on('message', (data) => {
        for (const line of String(data).split('\n')) take(standIn, clients, line, sampleMs);
      });
      send([client], standIn.hello());
      const standing = standIn.standing?.(new Date());
      if (standing) send([client], standing);
    });
  });
  await new Promise<void>((resolve, reject) => {
    http.once('error', reject);
    http.listen(port, '127.0.0.1', resolve);
  });
  const { port: open } = http.address() as AddressInfo;
  return {
    address: `127.0.0.1:${open}`,
    listeners: (name) => heard.get(`/${name}`)?.size ?? 0,
    close: () =>
      new Promise((resolve) => {
        sockets.clients.forEach((client) => client.terminate());
        http.close(() => resolve());
      }),
  };
}

/** What is no message is passed over: a real instrument would do no other. */
function take(
  standIn: StandIn,
  clients: ReadonlySet<WebSocket>,
  line: string,
  sampleMs: number,
): void {
  const message = readToInstrument(line);
  if (message?.type === 'target') standIn.aim(message);
  if (message?.type !== 'pull') return;
  standIn.pull(message, new Date()).forEach((said, n) => {
    if (sampleMs === 0) send(clients, said);
    else setTimeout(() => send(clients, said), n * sampleMs);
  });
}

function send(clients: Iterable<WebSocket>, message: InstrumentMessage): void {
  for (const client of clients) client.send(`${JSON.stringify(message)}\n`);
}
