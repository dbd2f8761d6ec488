import type { Slice } from '../kit/slice';
import type { JobSlices } from '../state';
import { attitudeSlice } from './attitude';
import { causeSlice } from './cause';
import { cautionsSlice } from './cautions';
import { checksSlice } from './checks';
import { crankSlice } from './crank';
import { cribSlice } from './crib';
import { gasketSlice } from './gasket';
import { handsSlice } from './hands';
import { heatSlice } from './heat';
import { layersSlice } from './layers';
import { leftOutSlice } from './leftOut';
import { linersSlice } from './liners';
import { marksSlice } from './marks';
import { oldBoltsSlice } from './oldBolts';
import { openedSlice } from './opened';
import { outOfOrderSlice } from './outOfOrder';
import { parkedSlice } from './parked';
import { partsSlice } from './parts';
import { photographsSlice } from './photographs';
import { piecesSlice } from './pieces';
import { pistonRouteSlice } from './pistonRoute';
import { putOffSlice } from './putOff';
import { remarksSlice } from './remarks';
import { registerSlice } from './register';
import { runsSlice } from './runs';
import { scopeSlice } from './scope';
import { topSlice } from './top';
import { valvesSlice } from './valves';
import { variantSlice } from './variant';

/** Every slice of what follows from a job's log; one that is missing does not compile. */
export const SLICES = {
  attitude: attitudeSlice,
  cause: causeSlice,
  cautions: cautionsSlice,
  checks: checksSlice,
  crank: crankSlice,
  crib: cribSlice,
  gasket: gasketSlice,
  hands: handsSlice,
  heat: heatSlice,
  layers: layersSlice,
  leftOut: leftOutSlice,
  liners: linersSlice,
  marks: marksSlice,
  oldBolts: oldBoltsSlice,
  opened: openedSlice,
  outOfOrder: outOfOrderSlice,
  parked: parkedSlice,
  parts: partsSlice,
  photographs: photographsSlice,
  pieces: piecesSlice,
  pistonRoute: pistonRouteSlice,
  putOff: putOffSlice,
  remarks: remarksSlice,
  register: registerSlice,
  runs: runsSlice,
  scope: scopeSlice,
  top: topSlice,
  valves: valvesSlice,
  variant: variantSlice,
} satisfies { readonly [Name in keyof JobSlices]: Slice<Name, never> };
