import { randomUUID } from 'node:crypto';
import { Router, type Request } from 'express';
import { verify } from '@node-rs/argon2';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type pg from 'pg';
import { signInSchema, type CrewMember, type Instance, type Session } from '@cardinex/contract/api';
import { words } from '@cardinex/contract/text';
import { Device, Member, Shop } from '../database/models';
import { ProblemError, parse } from '../problems/problem';
import { signedIn } from './session';

/** Wrong tries allowed per member and address before a wait. */
const TRIES = { points: 8, duration: 10 * 60 };

export function sessionRoutes(pool: pg.Pool, instanceId: string): Router {
  const attempts = new RateLimiterPostgres({
    storeClient: pool,
    tableName: 'sign_in_attempts',
    tableCreated: true,
    keyPrefix: '',
    clearExpiredByTimeout: false,
    ...TRIES,
  });
  const routes = Router();

  routes.get('/instance', async (_request, response) => {
    const shops = await Shop.findAll({ order: ['name'] });
    const body: Instance = {
      instance: instanceId,
      shops: shops.map(({ slug, name, place }) => ({ slug, name, place })),
    };
    response.json(body);
  });

  routes.get('/shops/:slug/crew', async (request, response) => {
    const shop = await shopBySlug(parse(words(60), request.params.slug));
    response.json({ crew: await crewOf(shop.shopId) });
  });

  routes.post('/session', async (request, response) => {
    const { shop: slug, member: memberId, secret, device } = parse(signInSchema, request.body);
    const shop = await shopBySlug(slug);
    const member = await Member.findOne({ where: { shopId: shop.shopId, memberId } });
    if (!member) throw new ProblemError(401, 'wrong-secret');
    const key = `${memberId}:${request.ip ?? ''}`;
    await countTry(attempts, key);
    if (!(await verify(member.secretHash, secret))) throw new ProblemError(401, 'wrong-secret');
    await attempts.delete(key);
    await enrol(request, shop.shopId, memberId, device);
    response.json(await sessionBody(request));
  });

  routes.get('/session', async (request, response) => {
    // Nobody signed in is an answer, not a fault: a new device asks this first.
    response.json(request.session.device ? await sessionBody(request) : null);
  });

  routes.delete('/session', async (request, response) => {
    await new Promise<void>((done) => request.session.destroy(() => done()));
    response.status(204).end();
  });

  return routes;
}

async function countTry(attempts: RateLimiterPostgres, key: string): Promise<void> {
  try {
    await attempts.consume(key);
  } catch (reason) {
    if (reason instanceof RateLimiterRes) throw new ProblemError(429, 'too-many-tries');
    throw reason;
  }
}

/**
 * Puts the device into the shop, or adds the member to those proved on it. A device whose session
 * has ended comes back as the same one, so that the acts it still keeps can go out.
 */
async function enrol(
  request: Request,
  shopId: string,
  memberId: string,
  was: string | undefined,
): Promise<void> {
  const same = request.session.shopId === shopId && request.session.device !== undefined;
  const known = was !== undefined && (await Device.count({ where: { shopId, deviceId: was } })) > 0;
  const device = (same ? request.session.device : known ? was : undefined) ?? randomUUID();
  const proved = { ...(same ? request.session.proved : {}), [memberId]: new Date().toISOString() };
  if (!same) {
    await new Promise<void>((done, fail) =>
      request.session.regenerate((error: unknown) => (error ? fail(asError(error)) : done())),
    );
    if (device !== was) await Device.create({ shopId, deviceId: device, enrolledAt: new Date() });
  }
  Object.assign(request.session, { shopId, device, proved });
  await new Promise<void>((done, fail) =>
    request.session.save((error: unknown) => (error ? fail(asError(error)) : done())),
  );
}

function asError(reason: unknown): Error {
  return reason instanceof Error ? reason : new Error(String(reason));
}

async function sessionBody(request: Request): Promise<Session> {
  const { shopId, device, proved } = signedIn(request);
  const shop = await Shop.findByPk(shopId);
  if (!shop) throw new ProblemError(401, 'sign-in-first');
  return { device, shop: { slug: shop.slug, name: shop.name }, proved, crew: await crewOf(shopId) };
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
