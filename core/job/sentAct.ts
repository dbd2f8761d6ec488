import type { Act, JobEvent } from './act';

/** What the server adds to an act, field by field; one that is missing does not compile. */
const ADDED: Readonly<Record<Exclude<keyof JobEvent, keyof Act>, true>> = {
  seq: true,
  receivedAt: true,
  clockOffMs: true,
  previousHash: true,
  hash: true,
  pending: true,
  reopens: true,
  ground: true,
  behindRefused: true,
  crib: true,
  timeDoubt: true,
  staleProof: true,
};

/** An act, of a job or of a tool, as it was sent: without what the server added. */
export function sentAct(event: object): object {
  return Object.fromEntries(Object.entries(event).filter(([field]) => !(field in ADDED)));
}
