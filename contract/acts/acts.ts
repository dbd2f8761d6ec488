import type { ActData, SentActType } from '@cardinex/core/job/act';
import type { ActSchemas } from './actSchemas';
import { attitudeActs } from './attitude';
import { causeActs } from './cause';
import { cautionsActs } from './cautions';
import { checksActs } from './checks';
import { crankActs } from './crank';
import { gasketActs } from './gasket';
import { handsActs } from './hands';
import { heatActs } from './heat';
import { layersActs } from './layers';
import { leftOutActs } from './leftOut';
import { linersActs } from './liners';
import { marksActs } from './marks';
import { oldBoltsActs } from './oldBolts';
import { openedActs } from './opened';
import { outOfOrderActs } from './outOfOrder';
import { parkedActs } from './parked';
import { partsActs } from './parts';
import { pendingActs } from './pending';
import { photographsActs } from './photographs';
import { piecesActs } from './pieces';
import { pistonRouteActs } from './pistonRoute';
import { putOffActs } from './putOff';
import { remarksActs } from './remarks';
import { registerActs } from './register';
import { runsActs } from './runs';
import { scopeActs } from './scope';
import { struckActs } from './struck';
import { topActs } from './top';
import { valvesActs } from './valves';
import { variantActs } from './variant';

/** What each act that a device may send says, slice by slice. */
export const ACTS = {
  ...attitudeActs,
  ...causeActs,
  ...cautionsActs,
  ...checksActs,
  ...crankActs,
  ...gasketActs,
  ...handsActs,
  ...heatActs,
  ...layersActs,
  ...leftOutActs,
  ...linersActs,
  ...marksActs,
  ...oldBoltsActs,
  ...openedActs,
  ...outOfOrderActs,
  ...parkedActs,
  ...partsActs,
  ...pendingActs,
  ...photographsActs,
  ...piecesActs,
  ...pistonRouteActs,
  ...putOffActs,
  ...remarksActs,
  ...registerActs,
  ...runsActs,
  ...scopeActs,
  ...struckActs,
  ...topActs,
  ...valvesActs,
  ...variantActs,
} satisfies ActSchemas<Pick<ActData, SentActType>>;
