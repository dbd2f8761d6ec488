import canonicalize from 'canonicalize';
import type { JobEvent } from './act';

/** The hash "before" the first event of a stream. */
export const FIRST_PREVIOUS_HASH = '0'.repeat(64);

/**
 * What is hashed for an event: RFC 8785 canonical JSON of the whole event, with `seq`,
 * `receivedAt` and `previousHash`, without `hash` itself. SHA-256 of its UTF-8 bytes, in hex.
 */
export function chainText(event: object): string {
  const { hash: _own, ...rest } = event as { readonly hash?: string };
  return canonicalJson(rest);
}

/** RFC 8785 canonical JSON: the same text for the same content, whatever the order of fields. */
export function canonicalJson(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new TypeError('nothing to canonicalise');
  return text;
}

type ChainFault = {
  readonly seq: number;
  readonly code: 'sequence-broken' | 'chain-broken' | 'content-changed' | 'end-missing';
};

/** Where a log is said to end, and how many events it has. */
export interface ChainEnd {
  readonly head: { readonly seq: number; readonly hash: string };
  readonly count: number;
}

/**
 * Checks an exported log against its chain: sequence without a gap, each link to the one before,
 * each content to its hash. Shows consistency only; it is not a signature.
 * @param sha256Hex SHA-256 of a text's UTF-8 bytes, in lower-case hex
 * @param end where the log is said to end, where that is known
 * @returns the first fault, or null
 */
export function verifyChain(
  events: readonly JobEvent[],
  sha256Hex: (text: string) => string,
  end?: ChainEnd,
): ChainFault | null {
  let previousHash = FIRST_PREVIOUS_HASH;
  for (const [place, event] of events.entries()) {
    if (event.seq !== place + 1) return { seq: event.seq, code: 'sequence-broken' };
    if (event.previousHash !== previousHash) return { seq: event.seq, code: 'chain-broken' };
    if (sha256Hex(chainText(event)) !== event.hash)
      return { seq: event.seq, code: 'content-changed' };
    previousHash = event.hash;
  }
  const cutOff =
    end &&
    (end.count !== events.length ||
      end.head.seq !== events.length ||
      end.head.hash !== previousHash);
  return cutOff ? { seq: events.length, code: 'end-missing' } : null;
}
