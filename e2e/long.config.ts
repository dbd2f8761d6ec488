import config from './playwright.config';

/** What takes too long for every day: many seeds of rough hands. `npm run test:long`. */
export default {
  ...config,
  projects: (config.projects ?? []).filter(({ name }) => name === 'phone'),
  testDir: './long',
  testIgnore: [],
  timeout: 900_000,
  retries: 0,
};
