import type { z } from 'zod';
import { drawDown } from './assembly/drawDown';
import { reach } from './assembly/reach';
import { boreWear } from './block/boreWear';
import { faceFlatness } from './block/faceFlatness';
import { headFlatness } from './block/headFlatness';
import { linerArrange } from './block/linerArrange';
import { linerCheck } from './block/linerCheck';
import { ringThickness } from './block/ringThickness';
import { deadCentre } from './crank/deadCentre';
import { endFloat } from './crank/endFloat';
import { marksReturn } from './crank/marksReturn';
import { pistonTravel } from './crank/pistonTravel';
import { rim } from './crank/rim';
import { runningClearance } from './crank/runningClearance';
import { undersize } from './crank/undersize';
import { wheelLine } from './crank/wheelLine';
import { barringPlan } from './overhead/barringPlan';
import { feelerStack } from './overhead/feelerStack';
import { hydraulicPreload } from './overhead/hydraulicPreload';
import { injectorSetting } from './overhead/injectorSetting';
import { lashTrend } from './overhead/lashTrend';
import { lashVerdict } from './overhead/lashVerdict';
import { screwTurn } from './overhead/screwTurn';
import { settable } from './overhead/settable';
import { standOut } from './overhead/standOut';
import { tappetShims } from './overhead/tappetShims';
import { valveWindows } from './overhead/valveWindows';
import { compression } from './piston/compression';
import { gasketGrade } from './piston/gasketGrade';
import { matchMass } from './piston/matchMass';
import { pinHeat } from './piston/pinHeat';
import { ringClock } from './piston/ringClock';
import { ringGap } from './piston/ringGap';
import { adapterSetting } from './tightening/adapterSetting';
import { anglePreload } from './tightening/anglePreload';
import { clampSimulate } from './tightening/clampSimulate';
import { nutTravel } from './tightening/nutTravel';
import { orderPropose } from './tightening/orderPropose';
import { preload } from './tightening/preload';
import { tensioner } from './tightening/tensioner';
import { tightenPlan } from './tightening/tightenPlan';
import { traceVerdict } from './tightening/traceVerdict';
import { wrenchChoose } from './tightening/wrenchChoose';

/** Every reckoning there is, by the name it has on the wire. */
export const RECKONINGS = {
  'tighten-plan': tightenPlan,
  'order-propose': orderPropose,
  'adapter-setting': adapterSetting,
  'wrench-choose': wrenchChoose,
  preload,
  'angle-preload': anglePreload,
  tensioner,
  'nut-travel': nutTravel,
  'clamp-simulate': clampSimulate,
  'trace-verdict': traceVerdict,
  'valve-windows': valveWindows,
  'barring-plan': barringPlan,
  settable,
  'screw-turn': screwTurn,
  'hydraulic-preload': hydraulicPreload,
  'injector-setting': injectorSetting,
  'feeler-stack': feelerStack,
  'lash-verdict': lashVerdict,
  'stand-out': standOut,
  'tappet-shims': tappetShims,
  'lash-trend': lashTrend,
  'liner-check': linerCheck,
  'liner-arrange': linerArrange,
  'head-flatness': headFlatness,
  'face-flatness': faceFlatness,
  'bore-wear': boreWear,
  'ring-thickness': ringThickness,
  undersize,
  'running-clearance': runningClearance,
  'end-float': endFloat,
  'ring-gap': ringGap,
  'ring-clock': ringClock,
  'match-mass': matchMass,
  'pin-heat': pinHeat,
  'gasket-grade': gasketGrade,
  compression,
  'dead-centre': deadCentre,
  rim,
  'piston-travel': pistonTravel,
  'marks-return': marksReturn,
  'wheel-line': wheelLine,
  reach,
  'draw-down': drawDown,
} as const;

export type ReckonName = keyof typeof RECKONINGS;
export type ReckonInput<N extends ReckonName> = z.output<(typeof RECKONINGS)[N]['input']>;
export type ReckonAnswer<N extends ReckonName> = z.output<(typeof RECKONINGS)[N]['answer']>;

export const RECKON_NAMES = Object.keys(RECKONINGS) as ReckonName[];
