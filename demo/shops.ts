import type { Role } from '@cardinex/core/job/roles';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { demoSheets } from './sheets/all';
import { tolvane44 } from './sheets/tolvane44';

export interface DemoMember {
  readonly id: string;
  readonly name: string;
  readonly initials: string;
  readonly role: Role;
  readonly secretKind: 'pin' | 'passphrase';
  /** Printed by `npm start`: everything in the demo shop is made up. */
  readonly secret: string;
}

export interface DemoShop {
  readonly id: string;
  readonly slug: string;
  readonly name: string;
  readonly place: string;
  readonly timeZone: string;
  readonly device: string;
  readonly crew: readonly DemoMember[];
  readonly sheets: readonly EngineSheet[];
}

/** Fixed ids, so that a test and a picture can name a member or a job. */
const id = (shop: number, thing: number): string =>
  `0190000${shop}-0000-7000-8000-${thing.toString(16).padStart(12, '0')}`;

/** An engine works beside a lock on a waterway that is on no map. */
export const lockside: DemoShop = {
  id: id(1, 1),
  slug: 'lockside',
  name: 'Lockside Engine Works',
  place: 'Sallow Lock, on the Merrow Navigation',
  timeZone: 'Europe/London',
  device: id(1, 2),
  crew: [
    {
      id: id(1, 0x11),
      name: 'Maren Oakes',
      initials: 'MO',
      role: 'lead',
      secretKind: 'passphrase',
      secret: 'kettle on the lock',
    },
    {
      id: id(1, 0x12),
      name: 'Tobin Reed',
      initials: 'TR',
      role: 'mechanic',
      secretKind: 'pin',
      secret: '4417',
    },
    {
      id: id(1, 0x13),
      name: 'Wren Hollin',
      initials: 'WH',
      role: 'mechanic',
      secretKind: 'pin',
      secret: '2963',
    },
    {
      id: id(1, 0x14),
      name: 'Perrin Stroud',
      initials: 'PS',
      role: 'inspector',
      secretKind: 'pin',
      secret: '7302',
    },
    {
      id: id(1, 0x15),
      name: 'Odile Marsh',
      initials: 'OM',
      role: 'viewer',
      secretKind: 'pin',
      secret: '1186',
    },
  ],
  sheets: demoSheets,
};

/** A second shop on the same server, so that what must stay apart can be seen to stay apart. */
export const weirStreet: DemoShop = {
  id: id(2, 1),
  slug: 'weir-street',
  name: 'Weir Street Garage',
  place: 'Upper Sallow',
  timeZone: 'Europe/London',
  device: id(2, 2),
  crew: [
    {
      id: id(2, 0x11),
      name: 'Hob Fennick',
      initials: 'HF',
      role: 'lead',
      secretKind: 'passphrase',
      secret: 'weir street at dawn',
    },
    {
      id: id(2, 0x12),
      name: 'Lio Penhale',
      initials: 'LP',
      role: 'mechanic',
      secretKind: 'pin',
      secret: '5821',
    },
  ],
  sheets: [tolvane44],
};

export const demoShops: readonly DemoShop[] = [lockside, weirStreet];

/** A member of a demo shop by initials. */
export function crewMember(shop: DemoShop, initials: string): DemoMember {
  const member = shop.crew.find((m) => m.initials === initials);
  if (!member) throw new Error(`no ${initials} in ${shop.name}`);
  return member;
}
