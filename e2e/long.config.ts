import config from './playwright.config';

/**
 * What takes too long for every day: many seeds of rough hands, fifty photographs, whole engines typed from
 * their books, on a phone and on a wide screen. `npm run test:long`.
 */
export default {
  ...config,
  testIgnore: [],
  projects: [
    ...(config.projects ?? []).map((phone) => ({
      ...phone,
      testMatch: ['long/*.spec.ts', 'photographs.spec.ts', 'wholeSheet.spec.ts'],
    })),
    {
      name: 'wide',
      use: { viewport: { width: 1280, height: 800 } },
      testMatch: ['live.spec.ts', 'wholeSheet.spec.ts'],
    },
  ],
  timeout: 900_000,
  retries: 0,
};
