import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { heightsOf } from '@cardinex/core/sheet/spec/block';
import { figure, figures, limits, row, says, type SheetRow } from './rows';

const SCHOOLS = {
  none: 'none: bored in the block',
  dry: 'dry, pressed in',
  proud: 'proud, metal to metal',
  'on-shims': 'proud, on shims',
  flush: 'flush with the deck',
  recessed: 'recessed, a crush ring on top',
} as const;

const RISES = {
  none: 'no order',
  either: 'all rising or all falling along the block',
  up: 'rising from the cylinder-1 end',
  down: 'falling from the cylinder-1 end',
} as const;

const WHILE = { 'held-down': 'held down', free: 'standing free' } as const;

export function linerRows({ liners, bores }: EngineSheet): SheetRow[] {
  const heights = heightsOf(liners);
  return [
    ...(liners
      ? [row('Liners', SCHOOLS[liners.school], 'source' in liners ? liners : undefined)]
      : []),
    ...limits('Stand-out', heights ?? undefined),
    ...figure('Neighbours differ at most', heights?.adjacent),
    ...figure('Tilt at most', heights?.tilt),
    ...figure('Under one head differ at most', heights?.groupSpread),
    ...(heights ? [row('Order of heights', RISES[heights.rise])] : []),
    ...(heights ? [row('Read at', heights.places.join(', '))] : []),
    ...(heights?.readWhile ? [row('Read', WHILE[heights.readWhile])] : []),
    ...figures('Shims', heights?.shims?.sizes),
    ...says('Seals', heights?.seals),
    ...says('Held down by', heights?.clamp),
    ...figure('Bore wear at most', bores?.wear),
    ...figure('Taper at most', bores?.taper),
    ...figure('Ovality at most', bores?.ovality),
    ...figures('Oversizes', bores?.oversizes),
    ...says('Honing', bores?.honing),
  ];
}

export function journalRows({ journals = [] }: EngineSheet): SheetRow[] {
  return journals.flatMap((journal) => [
    ...limits(`${journal.name} (${journal.count})`, journal.standard),
    ...figures(`${journal.name}, undersizes`, journal.undersizes),
    ...figure(`${journal.name}, least`, journal.minimum),
    ...figure(`${journal.name}, ovality at most`, journal.ovality),
    ...limits(`${journal.name}, clearance`, journal.clearance),
    ...limits(`${journal.name}, end float`, journal.endFloat),
    ...(journal.thrust === undefined
      ? []
      : [row(`${journal.name}, carries the thrust`, `number ${journal.thrust}`)]),
  ]);
}
