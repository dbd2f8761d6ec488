import type { Card } from '../kit/card';
import type { CardName } from '../facts/cardName';
import { deadCard } from './dead/card';
import { markCard } from './mark/card';
import { stripCard } from './strip/card';
import { partsCard } from './parts/card';
import { inspectCard } from './inspect/card';
import { boresCard } from './bores/card';
import { linersCard } from './liners/card';
import { bearingsCard } from './bearings/card';
import { shellsCard } from './shells/card';
import { crankCard } from './crank/card';
import { pistonsCard } from './pistons/card';
import { timingCard } from './timing/card';
import { standOutCard } from './stand-out/card';
import { headBuildCard } from './head-build/card';
import { fitCard } from './fit/card';
import { tightenCard } from './tighten/card';
import { valvesCard } from './valves/card';
import { pumpCard } from './pump/card';
import { recheckCard } from './recheck/card';
import { afterHeatCard } from './after-heat/card';
import { causeCard } from './cause/card';

/** Every card there is; one that is missing does not compile. */
export const CARDS: { readonly [N in CardName]: Card<N> } = {
  dead: deadCard,
  mark: markCard,
  strip: stripCard,
  parts: partsCard,
  inspect: inspectCard,
  bores: boresCard,
  liners: linersCard,
  shells: shellsCard,
  bearings: bearingsCard,
  crank: crankCard,
  pistons: pistonsCard,
  timing: timingCard,
  'stand-out': standOutCard,
  'head-build': headBuildCard,
  fit: fitCard,
  tighten: tightenCard,
  valves: valvesCard,
  pump: pumpCard,
  recheck: recheckCard,
  'after-heat': afterHeatCard,
  cause: causeCard,
};
