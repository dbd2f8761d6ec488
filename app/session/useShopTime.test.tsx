import { renderHook } from '@testing-library/react';
import type { useSessionState } from './SessionProvider';
import { useShopTime } from './useShopTime';

let mockState: unknown = 'loading';
jest.mock('./SessionProvider', () => ({
  useSessionState: (): ReturnType<typeof useSessionState> => mockState as never,
}));

const AT = '2026-11-26T23:30:00Z';
const inZone = (timeZone: string) => {
  mockState = { session: { shop: { timeZone } } };
  return renderHook(useShopTime).result.current;
};

describe('times of a record', () => {
  it('are the shop’s, wherever they are read', () => {
    const tokyo = inZone('Asia/Tokyo');
    expect([tokyo.timeOfDay(AT), tokyo.moment(AT)]).toEqual(['08:30', '27 Nov, 08:30']);
    expect(tokyo.longDay(AT)).toContain('27 November');
    expect(inZone('America/New_York').timeOfDay(AT)).toBe('18:30');
  });

  it('are the device’s until it is known which shop this is', () => {
    mockState = 'loading';
    const { timeOfDay } = renderHook(useShopTime).result.current;
    expect(timeOfDay(AT)).toMatch(/^\d\d:30$/);
  });
});
