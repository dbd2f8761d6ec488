import { Op } from 'sequelize';
import type { Role } from '@cardinex/core/job/roles';
import { Proof } from '../database/models';
import { RowCache } from '../database/rowCache';
import { ProblemError } from '../problems/problem';
import { rolesOf } from './crewRoles';
import type { SignedIn } from './session';

type Proofs = Readonly<Record<string, string>>;

const known = new RowCache<Proofs>('proofs');

/** Who proved themselves on a device, and when last. */
export function proofsOn({ shopId, device }: SignedIn): Promise<Proofs> {
  return known.get(`${shopId}/${device}`, async () => {
    const rows = await Proof.findAll({ where: { shopId, deviceId: device }, raw: true });
    return Object.fromEntries(rows.map((row) => [row.memberId, row.provedAt.toISOString()]));
  });
}

/** Writes down that a member proved themselves on a device: a row of their own, whoever else does. */
export async function prove(
  { shopId, device: deviceId }: SignedIn,
  memberId: string,
  provedAt: Date,
): Promise<void> {
  await Proof.upsert({ shopId, deviceId, memberId, provedAt });
  known.drop();
}

/**
 * Ends the proofs on a device, as its session has ended.
 * @param before only those given before then, where not all
 */
export async function endProofs({ shopId, device }: SignedIn, before?: Date): Promise<void> {
  const given = before && { provedAt: { [Op.lt]: before } };
  await Proof.destroy({ where: { shopId, deviceId: device, ...given } });
  known.drop();
}

/**
 * The role of a member who may act from this device, by member; those who have not proved themselves
 * on it are not among them.
 */
export async function rolesOn(
  who: SignedIn,
): Promise<ReadonlyMap<string, { readonly role: Role; readonly provedAt: string }>> {
  const [proofs, roles] = await Promise.all([proofsOn(who), rolesOf(who.shopId)]);
  return new Map(
    Object.entries(proofs).flatMap(([member, provedAt]) => {
      const role = roles.get(member);
      return role ? [[member, { role, provedAt }] as const] : [];
    }),
  );
}

/**
 * The member a request names as its author.
 * @throws ProblemError 403 `not-signed-in-here` for one who has not proved themselves on the device
 */
export async function memberOn(who: SignedIn, by: string): Promise<{ readonly role: Role }> {
  const member = (await rolesOn(who)).get(by);
  if (!member) throw new ProblemError(403, 'not-signed-in-here', undefined, 'by');
  return member;
}
