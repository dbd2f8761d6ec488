import type { Role } from '@cardinex/core/job/roles';
import { Member } from '../database/models';
import { RowCache } from '../database/rowCache';

const known = new RowCache<ReadonlyMap<string, Role>>('members');

/** The role of each member of a shop, by member. */
export function rolesOf(shopId: string): Promise<ReadonlyMap<string, Role>> {
  return known.get(shopId, async () => {
    const members = await Member.findAll({
      where: { shopId },
      attributes: ['memberId', 'role'],
      raw: true,
    });
    return new Map(members.map(({ memberId, role }) => [memberId, role]));
  });
}
