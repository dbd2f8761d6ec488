import { createHash } from 'node:crypto';
import fc from 'fast-check';
import type { JobEvent } from './act';
import { FIRST_PREVIOUS_HASH, canonicalJson, chainText, verifyChain } from './chain';
import { linersIn, logOf } from './tests/story';

const sha256 = (text: string): string => createHash('sha256').update(text, 'utf8').digest('hex');

function chained(): JobEvent[] {
  let previousHash = FIRST_PREVIOUS_HASH;
  return logOf(linersIn()).map((act) => {
    const unhashed = { ...act, receivedAt: act.at, previousHash };
    previousHash = sha256(chainText(unhashed));
    return { ...unhashed, hash: previousHash };
  });
}

describe('the chain of a log', () => {
  const events = chained();

  it('holds for the log as it was made', () => {
    expect(verifyChain(events, sha256)).toBeNull();
  });

  it('breaks wherever an event is changed, left out or moved', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: events.length - 1 }), (place) => {
        const changed = events.map((e, at) => (at === place ? { ...e, by: 'another' } : e));
        expect(verifyChain(changed, sha256)).toEqual({ seq: place + 1, code: 'content-changed' });
        const dropped = events.filter((_, at) => at !== place);
        if (place < events.length - 1) {
          expect(verifyChain(dropped, sha256)?.code).toBe('sequence-broken');
        }
      }),
    );
  });

  it('breaks at an event whose hash was made again to hide a change', () => {
    const forged = events.map((event) => {
      if (event.seq !== 3) return event;
      const { hash: _old, ...rest } = { ...event, by: 'another' };
      return { ...rest, hash: sha256(chainText(rest)) } as JobEvent;
    });
    expect(verifyChain(forged, sha256)).toEqual({ seq: 4, code: 'chain-broken' });
  });

  it('does not depend on the order of fields', () => {
    expect(canonicalJson({ b: 1, a: [2, { d: 1e-7, c: '\u00e9' }] })).toBe(
      '{"a":[2,{"c":"\u00e9","d":1e-7}],"b":1}',
    );
  });
});
