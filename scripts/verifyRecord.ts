import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { JobEvent } from '@cardinex/core/job/act';
import { canonicalJson, verifyChain, type ChainEnd } from '@cardinex/core/job/chain';

/** Checks a downloaded job record: `npm run verify -- FILE`. */
interface RecordFile extends ChainEnd {
  readonly job: string;
  readonly sheet: { readonly hash: string; readonly sheet: unknown };
  readonly events: readonly JobEvent[];
}

const [file] = process.argv.slice(2);
if (!file) {
  console.error('Name the record to check: npm run verify -- cardinex-<job>.json');
  process.exit(2);
}
const sha256 = (text: string): string => createHash('sha256').update(text, 'utf8').digest('hex');
const record = JSON.parse(readFileSync(file, 'utf8')) as RecordFile;
const fault = verifyChain(record.events, sha256, record);
const sheetHolds = sha256(canonicalJson(record.sheet.sheet)) === record.sheet.hash;
if (fault) console.error(`Event ${fault.seq}: ${fault.code}.`);
if (!sheetHolds) console.error('The sheet is not the one its hash was made of.');
if (fault || !sheetHolds) process.exit(1);
console.log(`${record.events.length} events of job ${record.job}: chain whole, sheet as pinned.`);
