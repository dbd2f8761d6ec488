import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { averilQ4 } from './averilQ4';
import { castryV8 } from './castryV8';
import { dunmere2s5 } from './dunmere2s5';
import { hesperM6Left, hesperM6Right } from './hesperM6';
import { orrin6t } from './orrin6t';
import { quillon5c } from './quillon5c';
import { tolvane44 } from './tolvane44';

/** The made-up engines the demo shop looks after: between them, every family of work. */
export const demoSheets: readonly EngineSheet[] = [
  tolvane44,
  orrin6t,
  hesperM6Right,
  hesperM6Left,
  dunmere2s5,
  castryV8,
  averilQ4,
  quillon5c,
];
