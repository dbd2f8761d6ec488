import { z } from 'zod';
import { named } from './named';
import { moment, sha256 } from './text';

/** What a log adds to an act, so that it is chained to the one before. */
export const chainLink = {
  seq: named('Seq', z.int().min(1).describe('Its place in the log, from 1')),
  receivedAt: named('ReceivedAt', moment.describe('When the server took it, by its own clock')),
  previousHash: named(
    'PreviousHash',
    sha256.describe('The hash of the event before; 64 zeros at first'),
  ),
  hash: named(
    'Hash',
    sha256.describe('SHA-256 of the RFC 8785 canonical JSON of the event without this field'),
  ),
};
