import { ensurePackages, runScript } from './ensurePackages.mjs';

ensurePackages();
runScript('dev.ts');
