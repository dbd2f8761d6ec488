import { ensurePackages, runScript } from './ensurePackages.mjs';

ensurePackages();
runScript('test.ts');
