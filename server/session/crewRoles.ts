import type { Role } from '@cardinex/core/job/roles';
import { Member } from '../database/models';

/** A changed role takes hold within this time, on every server. */
const KEPT_MS = 5000;

const kept = new Map<string, { readonly at: number; readonly roles: ReadonlyMap<string, Role> }>();

/** The role of each member of a shop, by member. Read anew every few seconds: roles can change. */
export async function rolesOf(shopId: string): Promise<ReadonlyMap<string, Role>> {
  const before = kept.get(shopId);
  if (before && Date.now() - before.at < KEPT_MS) return before.roles;
  const members = await Member.findAll({
    where: { shopId },
    attributes: ['memberId', 'role'],
    raw: true,
  });
  const roles = new Map(members.map(({ memberId, role }) => [memberId, role]));
  kept.set(shopId, { at: Date.now(), roles });
  return roles;
}
