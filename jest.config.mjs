import { availableParallelism } from 'node:os';

const plain = {
  testEnvironment: 'node',
  transform: { '\\.[jt]sx?$': '<rootDir>/scripts/jestTransform.cjs' },
  transformIgnorePatterns: ['/node_modules/(?!uuid/)'],
  modulePathIgnorePatterns: ['/dist/', '/.data/'],
};

const under = (...folders) => folders.map((folder) => `<rootDir>/${folder}/**/*.test.ts`);

export default {
  // One more than there are cores: a test that waits for a database leaves its core to another.
  maxWorkers: availableParallelism() + 1,
  // A busy machine takes its time: nothing here is a test of speed.
  testTimeout: 30_000,
  projects: [
    {
      ...plain,
      displayName: 'core',
      testMatch: under('core', 'drawings', 'words', 'contract', 'demo', 'instruments'),
    },
    { ...plain, displayName: 'server', testMatch: under('server', 'scripts') },
    {
      displayName: 'app',
      preset: 'jest-expo/web',
      rootDir: '<rootDir>/app',
      testMatch: ['<rootDir>/**/*.test.{ts,tsx}'],
      modulePathIgnorePatterns: ['<rootDir>/dist/'],
      setupFiles: ['<rootDir>/tests/setup.ts'],
      transformIgnorePatterns: [
        '/node_modules/(?!(.pnpm|react-native|@react-native|expo|@expo|@cardinex|nativewind|react-navigation|@react-navigation|uuid|lucide-react-native|react-native-svg|react-native-web|idb))',
      ],
    },
  ],
};
