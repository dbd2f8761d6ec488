import { randomBytes } from 'node:crypto';
import { parse } from 'cookie';
import type { Request, Response } from 'express';
import { Op } from 'sequelize';
import { DeviceSecret } from '../database/models';
import { sha256 } from '../sha256';

/** 256 bits: not to be guessed. */
const BYTES = 32;

/** How long one that was replaced still serves: two proofs at once, or an answer that was lost. */
const FORMER_MS = 60_000;

const FOUR_HUNDRED_DAYS_MS = 400 * 24 * 60 * 60 * 1000;

/**
 * What a device shows that it is itself, also after its session has ended, in a cookie no script can
 * read. Only its hash is in the database. It is renewed at each proof of a PIN.
 */
export class DeviceSecrets {
  /** @param instanceId the database's own id: copies on other ports don't mix */
  constructor(private readonly instanceId: string) {}

  /** Which device of a shop a request comes from; null for one the shop does not know. */
  async deviceOf(request: Request, shop: Shop, now: Date): Promise<string | null> {
    const shown = await this.shown(request, shop, now);
    return shown?.deviceId ?? null;
  }

  /** Gives a device a new secret in place of the one it showed. */
  async renew(request: Request, response: Response, shop: Shop, device: Device): Promise<void> {
    const { deviceId, now } = device;
    const { shopId } = shop;
    const shown = await this.shown(request, shop, now);
    const secret = randomBytes(BYTES).toString('base64url');
    await DeviceSecret.create({ secretHash: sha256(secret), shopId, deviceId, issuedAt: now });
    await replaceFormer(shown, { shopId, deviceId, now });
    response.cookie(this.nameOf(shop), secret, {
      httpOnly: true,
      sameSite: 'strict',
      secure: request.secure,
      path: '/api',
      maxAge: FOUR_HUNDRED_DAYS_MS,
    });
  }

  /** The device shows it no more, and would not be known by it. */
  async forget(response: Response, shop: Shop, deviceId: string): Promise<void> {
    await DeviceSecret.destroy({ where: { shopId: shop.shopId, deviceId } });
    response.clearCookie(this.nameOf(shop), { path: '/api' });
  }

  private async shown(request: Request, shop: Shop, now: Date): Promise<DeviceSecret | null> {
    const secret = parse(request.get('cookie') ?? '')[this.nameOf(shop)];
    if (!secret) return null;
    const found = await DeviceSecret.findOne({
      where: { secretHash: sha256(secret), shopId: shop.shopId },
    });
    const replacedAt = found?.replacedAt;
    const isFormer = replacedAt && now.getTime() - replacedAt.getTime() > FORMER_MS;
    return found && !isFormer ? found : null;
  }

  private nameOf({ slug }: Shop): string {
    return `cardinex-device.${this.instanceId}.${slug}`;
  }
}

interface Shop {
  readonly shopId: string;
  readonly slug: string;
}

interface Device {
  readonly deviceId: string;
  readonly now: Date;
}

/**
 * What was given out before serves for a little while yet, then no more. Of two given out at once, the
 * one that is shown next is the one that arrived; a device that shows none has lost what it had.
 */
async function replaceFormer(
  shown: DeviceSecret | null,
  { shopId, deviceId, now }: Device & Pick<Shop, 'shopId'>,
): Promise<void> {
  if (!shown) {
    const lost = { [Op.lt]: new Date(now.getTime() - FORMER_MS) };
    const where = { shopId, deviceId, replacedAt: null, issuedAt: lost };
    await DeviceSecret.update({ replacedAt: now }, { where });
    return;
  }
  const older = { [Op.lt]: shown.issuedAt };
  await DeviceSecret.destroy({ where: { shopId, deviceId, issuedAt: older } });
  const { secretHash } = shown;
  await DeviceSecret.update({ replacedAt: shown.replacedAt ?? now }, { where: { secretHash } });
}
