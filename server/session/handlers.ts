import { randomUUID } from 'node:crypto';
import type { Request, Response } from 'express';
import { hash, verify } from '@node-rs/argon2';
import type pg from 'pg';
import type { CrewMember, Session } from '@cardinex/contract/session/session';
import { Device, Member, Shop } from '../database/models';
import { ProblemError } from '../problems/problem';
import type { Handlers } from '../routes/handler';
import { DeviceSecrets } from './deviceSecret';
import { endProofs, proofsOn, prove } from './proofs';
import { beginSession, endSession, signedIn } from './session';
import { Tries } from './tries';

export function sessionHandlers(
  pool: pg.Pool,
  instanceId: string,
): Handlers<
  | 'GET /api/instance'
  | 'GET /api/shops/{slug}/crew'
  | 'GET /api/session'
  | 'POST /api/session'
  | 'DELETE /api/session'
  | 'DELETE /api/session/device'
> {
  const tries = new Tries(pool);
  const secrets = new DeviceSecrets(instanceId);
  return {
    'GET /api/instance': async () => {
      const shops = await Shop.findAll({ order: ['name'] });
      return {
        instance: instanceId,
        shops: shops.map(({ slug, name, place }) => ({ slug, name, place })),
      };
    },

    'GET /api/shops/{slug}/crew': async ({ params: { slug }, request }) => {
      const shop = await shopBySlug(slug);
      const known = (await deviceOf(request, shop, secrets, new Date())) !== null;
      // Who works in a shop is nobody's business before it knows the device.
      return { crew: known ? await crewOf(shop.shopId) : null };
    },

    'POST /api/session': async ({
      body: { shop: slug, member: given, secret },
      request,
      response,
    }) => {
      const shop = await shopBySlug(slug);
      const now = new Date();
      const device = await deviceOf(request, shop, secrets, now);
      const member = await memberGiven(shop.shopId, given);
      const one = {
        member: `${shop.shopId}:${member?.memberId ?? given.toLowerCase()}`,
        address: request.ip ?? '',
        device,
      };
      const { memberId } = await tries.watch(one, () => proved(member, secret));
      const enrolled = await enrol(request, shop, device, now);
      await prove(enrolled, memberId, now);
      await secrets.renew(request, response, shop, { deviceId: enrolled.device, now });
      return sessionBody(request);
    },

    // Nobody signed in is an answer, not a fault: a new device asks this first.
    'GET /api/session': async ({ request }) =>
      request.session.device ? await sessionBody(request) : null,

    'DELETE /api/session': ({ request }) => signOut(request),

    'DELETE /api/session/device': ({ request, response }) =>
      forgetDevice(request, response, secrets),
  };
}

/** Two who prove themselves on a device at once both begin it anew: neither ends the other's proof. */
const AT_ONCE_MS = 10_000;

/** What is verified where there is no such member: a wrong name takes as long as a wrong secret. */
const NOBODY = hash(randomUUID());

/**
 * The member whose secret this is.
 * @throws ProblemError 401 for a wrong secret as for a wrong name
 */
async function proved(member: Member | null, secret: string): Promise<Member> {
  const right = await verify(member?.secretHash ?? (await NOBODY), secret);
  if (!member || !right) throw new ProblemError(401, 'wrong-secret');
  return member;
}

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

/** By number where the device knows the crew, else by name or initials; null where no one, or more than one, is meant. */
async function memberGiven(shopId: string, given: string): Promise<Member | null> {
  if (UUID.test(given)) return Member.findOne({ where: { shopId, memberId: given } });
  const crew = await Member.findAll({ where: { shopId } });
  const asked = given.trim().toLowerCase();
  const meant = crew.filter(
    ({ name, initials }) => name.toLowerCase() === asked || initials.toLowerCase() === asked,
  );
  return meant.length === 1 ? (meant[0] ?? null) : null;
}

/** The device a request comes from: by its session, or by what it shows after that has ended. */
async function deviceOf(
  request: Request,
  shop: Shop,
  secrets: DeviceSecrets,
  now: Date,
): Promise<string | null> {
  const { shopId, device } = request.session;
  if (shopId === shop.shopId && device) return device;
  return secrets.deviceOf(request, shop, now);
}

/**
 * Puts the device into the shop. One whose session has ended comes back as the same one, so that the
 * acts it still keeps can go out; whoever had proved themselves on it has to again.
 */
async function enrol(
  request: Request,
  { shopId }: Shop,
  known: string | null,
  now: Date,
): Promise<{ readonly shopId: string; readonly device: string }> {
  const device = known ?? randomUUID();
  const signed = { shopId, device };
  if (known === null) await Device.create({ shopId, deviceId: device, enrolledAt: now });
  if (request.session.shopId === shopId && request.session.device === device) return signed;
  await endProofs(signed, new Date(now.getTime() - AT_ONCE_MS));
  await beginSession(request, signed);
  return signed;
}

async function signOut(request: Request): Promise<void> {
  if (request.session.device) await endProofs(signedIn(request));
  await endSession(request);
}

/** The shop does not know the device any more: what it still kept would be refused. */
async function forgetDevice(
  request: Request,
  response: Response,
  secrets: DeviceSecrets,
): Promise<void> {
  const { shopId, device } = signedIn(request);
  const shop = await Shop.findByPk(shopId, { rejectOnEmpty: true });
  await secrets.forget(response, shop, device);
  await signOut(request);
}

async function sessionBody(request: Request): Promise<Session> {
  const who = signedIn(request);
  const { shopId, device } = who;
  const shop = await Shop.findByPk(shopId);
  if (!shop) throw new ProblemError(401, 'sign-in-first');
  const [proofs, crew] = await Promise.all([proofsOn(who), crewOf(shopId)]);
  return {
    device,
    shop: { slug: shop.slug, name: shop.name, timeZone: shop.timeZone },
    proved: proofs,
    crew,
  };
}

async function shopBySlug(slug: string): Promise<Shop> {
  const shop = await Shop.findOne({ where: { slug } });
  if (!shop) throw new ProblemError(404, 'no-such-shop');
  return shop;
}

async function crewOf(shopId: string): Promise<CrewMember[]> {
  const members = await Member.findAll({ where: { shopId }, order: ['name'] });
  return members.map(({ memberId, name, initials, role, secretKind }) => ({
    id: memberId,
    name,
    initials,
    role,
    secretKind,
  }));
}
