import { createHmac, timingSafeEqual } from 'node:crypto';

/** A calendar program cannot sign in: whoever knows this address may read the dates, and no more. */
export function calendarToken(secret: string, shopId: string): string {
  return createHmac('sha256', secret).update(`calendar/${shopId}`).digest('base64url');
}

export function isCalendarToken(secret: string, shopId: string, token: string): boolean {
  const expected = Buffer.from(calendarToken(secret, shopId));
  const given = Buffer.from(token);
  return expected.length === given.length && timingSafeEqual(expected, given);
}
