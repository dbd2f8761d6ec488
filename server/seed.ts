import { hash } from '@node-rs/argon2';
import { demoJobs, sheetHash } from '@cardinex/demo/jobs';
import { demoShops, type DemoShop } from '@cardinex/demo/shops';
import type { DemoJob } from '@cardinex/demo/storyteller';
import { demoTools } from '@cardinex/demo/tools';
import { appendToolAct } from './tools/appendToolAct';
import { Device, Member, Sheet, Shop } from './database/models';
import { appendActs } from './jobs/appendActs';
import { JobCache } from './jobs/jobCache';

/** Fills an empty database with the made-up shops. One that has a shop is left as it is. */
export async function seedDemo(now: Date): Promise<boolean> {
  if ((await Shop.count()) > 0) return false;
  for (const shop of demoShops) {
    await seedShop(shop, now);
    await seedTools(shop, now);
  }
  const cache = new JobCache();
  for (const job of demoJobs(now)) await appendStory(cache, job);
  return true;
}

/** Puts a shop's tools into the crib, act by act, through the same door as anyone's. */
async function seedTools(shop: DemoShop, now: Date): Promise<void> {
  const lead = shop.crew.find((member) => member.role === 'lead')?.id ?? '';
  for (const { id, acts } of demoTools(shop, lead, now)) {
    for (const act of acts) {
      await appendToolAct(shop.id, id, act, 'lead', new Date(act.at));
    }
  }
}

/** Puts a shop there with its crew, one device and its sheets. */
export async function seedShop(shop: DemoShop, now: Date): Promise<void> {
  const { id: shopId, slug, name, place, timeZone } = shop;
  await Shop.create({ shopId, slug, name, place, timeZone });
  await Device.create({ shopId, deviceId: shop.device, enrolledAt: now });
  const members = shop.crew.map(async ({ id, secret, ...member }) => ({
    ...member,
    shopId,
    memberId: id,
    secretHash: await hash(secret),
  }));
  await Member.bulkCreate(await Promise.all(members));
  await Sheet.bulkCreate(
    shop.sheets.map((sheet) => ({
      shopId,
      sheetId: sheet.id,
      revision: sheet.revision,
      hash: sheetHash(sheet),
      document: sheet,
      publishedAt: now,
      publishedBy: null,
    })),
  );
}

/** Puts a told job into the log: each act through the same door as a device's, received the moment it was made. */
export async function appendStory(cache: JobCache, job: DemoJob): Promise<void> {
  const sender = {
    shopId: job.shop.id,
    device: job.shop.device,
    member: (id: string) => {
      const member = job.shop.crew.find((m) => m.id === id);
      return member ? { role: member.role, provedAt: '', fresh: false } : null;
    },
  };
  for (const act of job.acts) {
    const batch = { acts: [act], sentAt: act.at, receivedAt: new Date(act.at) };
    const { outcomes } = await appendActs(cache, sender, job.id, batch);
    const [outcome] = outcomes;
    if (outcome?.status !== 'accepted') {
      throw new Error(`demo job ${job.id}, ${act.type}: ${JSON.stringify(outcome)}`);
    }
  }
}
