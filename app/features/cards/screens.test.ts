import { readdirSync } from 'node:fs';
import path from 'node:path';
import { CARDS } from '@cardinex/core/job/cards/index';

const BESIDE_CARDS = path.join(__dirname, '../../app/jobs/[job]');

it('no card bears the name of a screen beside the cards of a job, which would hide it', () => {
  const taken = readdirSync(BESIDE_CARDS).map((file) => path.parse(file).name);
  expect(taken).toContain('record');
  expect(taken.filter((name) => Object.hasOwn(CARDS, name))).toEqual([]);
});
