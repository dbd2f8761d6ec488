import { readdirSync } from 'node:fs';
import path from 'node:path';
import { CARDS } from '@cardinex/core/job/cards/index';

const ROUTES = path.join(__dirname, '../../app/jobs/[job]');

/** What stands beside the cards of a job. */
const NO_CARDS = [
  '_layout',
  'index',
  'leaflet',
  'park',
  'photographs',
  'readings',
  'record',
  'register',
  'scope',
  'sheet',
  'top',
  'what-if',
];

it('every card has its screen, and no card bears the name of another screen', () => {
  const routes = readdirSync(ROUTES).map((file) => path.parse(file).name);
  expect(routes.sort()).toEqual([...Object.keys(CARDS), ...NO_CARDS].sort());
});
