import { ensurePackages, runScript } from './ensurePackages.mjs';

ensurePackages();
runScript('start.ts');
