import type { z } from 'zod';
import type { ActData, SentActType } from '@cardinex/core/job/act';
import type { Plain, Same } from '../tests/sameType';
import { ACTS } from './acts';

/** Acts whose schema reads more or less than their payload has, optional fields included. */
type Differing = {
  [T in SentActType]: Same<Plain<z.output<(typeof ACTS)[T]>>, Plain<ActData[T]>> extends true
    ? never
    : T;
}[SentActType];

describe('the schemas of the acts', () => {
  it('read just what the payloads say, optional fields included', () => {
    // Fails to compile, and names the act, where a schema lacks a field or has one too many.
    const noneDiffers: [Differing] extends [never] ? true : Differing = true;
    expect(noneDiffers).toBe(true);
  });

  it('tell a field apart that a schema lacks', () => {
    const lacks: Same<
      Plain<{ a: number }>,
      Plain<{ readonly a: number; readonly b?: string }>
    > = false;
    const alike: Same<Plain<{ a: number[] }>, Plain<{ readonly a: readonly number[] }>> = true;
    expect([lacks, alike]).toEqual([false, true]);
  });
});
