import { boreWear } from '@cardinex/core/block/boreWear';
import { drawDown } from '@cardinex/core/assembly/drawDown';
import { reach } from '@cardinex/core/assembly/reach';
import { faceFlatness } from '@cardinex/core/block/faceFlatness';
import { headFlatness } from '@cardinex/core/block/headFlatness';
import { linerArrange } from '@cardinex/core/block/linerArrange';
import { linerCheck } from '@cardinex/core/block/linerCheck';
import { ringThickness } from '@cardinex/core/block/ringThickness';
import { deadCentre } from '@cardinex/core/crank/deadCentre';
import { endFloat } from '@cardinex/core/crank/endFloat';
import { marksReturn } from '@cardinex/core/crank/marksReturn';
import { pistonTravel } from '@cardinex/core/crank/pistonTravel';
import { runningClearance } from '@cardinex/core/crank/runningClearance';
import { undersize } from '@cardinex/core/crank/undersize';
import { wheelLine } from '@cardinex/core/crank/wheelLine';
import { barringPlan } from '@cardinex/core/overhead/barringPlan';
import { hydraulicPreload } from '@cardinex/core/overhead/hydraulicPreload';
import { injectorSetting } from '@cardinex/core/overhead/injectorSetting';
import { lashTrend } from '@cardinex/core/overhead/lashTrend';
import { lashVerdict } from '@cardinex/core/overhead/lashVerdict';
import { screwTurn } from '@cardinex/core/overhead/screwTurn';
import { settable } from '@cardinex/core/overhead/settable';
import { standOut } from '@cardinex/core/overhead/standOut';
import { tappetShims } from '@cardinex/core/overhead/tappetShims';
import { valveWindows } from '@cardinex/core/overhead/valveWindows';
import { rim } from '@cardinex/core/crank/rim';
import { feelerStack } from '@cardinex/core/overhead/feelerStack';
import { adapterSetting } from '@cardinex/core/tightening/adapterSetting';
import { anglePreload } from '@cardinex/core/tightening/anglePreload';
import { clampSimulate } from '@cardinex/core/tightening/clampSimulate';
import { nutTravel } from '@cardinex/core/tightening/nutTravel';
import { orderPropose } from '@cardinex/core/tightening/orderPropose';
import { preload } from '@cardinex/core/tightening/preload';
import { tensioner } from '@cardinex/core/tightening/tensioner';
import { traceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { wrenchChoose } from '@cardinex/core/tightening/wrenchChoose';
import { tightenPlan } from '@cardinex/core/tightening/tightenPlan';
import { compression } from '@cardinex/core/piston/compression';
import { gasketGrade } from '@cardinex/core/piston/gasketGrade';
import { matchMass } from '@cardinex/core/piston/matchMass';
import { pinHeat } from '@cardinex/core/piston/pinHeat';
import { ringClock } from '@cardinex/core/piston/ringClock';
import { ringGap } from '@cardinex/core/piston/ringGap';
import type { ReckonAnswer, ReckonInput, ReckonName } from '@cardinex/contract/reckon/reckonings';
import { drawDownSentence, reachSentence } from '@cardinex/words/assembly';
import { arrangeSentence, cureSentence, placedSentence } from '@cardinex/words/arrange';
import {
  boreSentence,
  differenceSentence,
  linersSentence,
  riseSentence,
} from '@cardinex/words/cards/liners';
import {
  boreWearSentence,
  clearanceSentence,
  endFloatSentence,
  faceSentence,
  headSentence,
  ringSentence,
  undersizeSentence,
} from '@cardinex/words/inspection';
import {
  clockSentence,
  compressionSentence,
  gapSentence,
  gapsSentence,
  gradeSentence,
  heatSentence,
  massSentence,
} from '@cardinex/words/pistons';
import {
  anglePreloadSentence,
  clampSentence,
  nutTravelSentence,
  orderSentence,
  preloadSentence,
  tensionerSentence,
  traceSentence,
} from '@cardinex/words/clamp';
import {
  deadCentreSentence,
  hydraulicSentence,
  injectorSentence,
  pistonTravelSentence,
  shimSentence,
  shimsSentence,
  standOutSentence,
  trendSentence,
  unservedSentence,
} from '@cardinex/words/overhead';
import { marksReturnSentence, wheelLineSentence } from '@cardinex/words/timing';
import { tightenFindingSentence } from '@cardinex/words/cards/tighten';
import { feelerSentence } from '@cardinex/words/feelers';
import { noWrenchSentence, wrenchSentence } from '@cardinex/words/wrenches';
import {
  barringSentence,
  lashSentence,
  screwSentence,
  settableSentence,
} from '@cardinex/words/cards/valves';

type Answer<N extends ReckonName> = DeepReadonly<ReckonAnswer<N>>;

/** Every reckoning with its sentences, by the name it has on the wire. */
const RECKONINGS: { readonly [N in ReckonName]: (input: ReckonInput<N>) => Answer<N> } = {
  'valve-windows': valveWindows,
  'adapter-setting': adapterSetting,
  rim,
  'head-flatness': (input) => {
    const found = headFlatness(input);
    return { ...found, reason: headSentence(found) };
  },
  'face-flatness': (input) => {
    const found = faceFlatness(input);
    return { ...found, reason: faceSentence(found) };
  },
  reach: (input) => {
    const found = reach(input);
    return { ...found, reason: reachSentence(found) };
  },
  'draw-down': (input) => {
    const found = drawDown(input);
    return { ...found, reason: drawDownSentence(found) };
  },
  'bore-wear': (input) => {
    const found = boreWear(input);
    return { ...found, reason: boreWearSentence(found) };
  },
  undersize: (input) => {
    const found = undersize(input);
    return { ...found, reason: undersizeSentence(found) };
  },
  'running-clearance': (input) => {
    const found = runningClearance(input);
    return { ...found, reason: clearanceSentence(found) };
  },
  'end-float': (input) => {
    const found = endFloat(input);
    return { ...found, reason: endFloatSentence(found) };
  },
  'ring-thickness': (input) => {
    const found = ringThickness(input);
    return { ...found, reason: ringSentence(found) };
  },
  'liner-arrange': (input) => {
    const found = linerArrange(input);
    return {
      ...found,
      placement: found.placement.map((liner) => ({ ...liner, reason: placedSentence(liner) })),
      cure: found.cure.map((cure) => ({ ...cure, reason: cureSentence(cure) })),
      reason: arrangeSentence(found),
    };
  },
  'ring-gap': (input) => {
    const found = ringGap(input);
    return {
      ...found,
      rings: found.rings.map((ring) => ({ ...ring, reason: gapSentence(ring) })),
      reason: gapsSentence(found),
    };
  },
  'ring-clock': (input) => {
    const found = ringClock(input);
    return { ...found, reason: clockSentence(found) };
  },
  'match-mass': (input) => {
    const found = matchMass(input);
    return { ...found, reason: massSentence(found) };
  },
  'pin-heat': (input) => {
    const found = pinHeat(input);
    return { ...found, reason: heatSentence(found) };
  },
  'gasket-grade': (input) => {
    const found = gasketGrade(input);
    return { ...found, reason: gradeSentence(found) };
  },
  compression: (input) => {
    const found = compression(input);
    return { ...found, reason: compressionSentence(found) };
  },
  'dead-centre': (input) => {
    const found = deadCentre(input);
    return { ...found, reason: deadCentreSentence(found) };
  },
  'marks-return': (input) => {
    const found = marksReturn(input);
    return { ...found, reason: marksReturnSentence(found) };
  },
  'wheel-line': (input) => {
    const found = wheelLine(input);
    return { ...found, reason: wheelLineSentence(found) };
  },
  'piston-travel': (input) => {
    const found = pistonTravel(input);
    return { ...found, reason: pistonTravelSentence(found) };
  },
  'hydraulic-preload': (input) => {
    const found = hydraulicPreload(input);
    return { ...found, reason: hydraulicSentence(found) };
  },
  'injector-setting': (input) => {
    const found = injectorSetting(input);
    return { ...found, reason: injectorSentence(found) };
  },
  'stand-out': (input) => {
    const found = standOut(input);
    return { ...found, reason: standOutSentence(found) };
  },
  'lash-trend': (input) => {
    const found = lashTrend(input);
    return { ...found, reason: trendSentence(found) };
  },
  'tappet-shims': (input) => {
    const found = tappetShims(input);
    return {
      ...found,
      shims: found.shims.map((entry) => ({ ...entry, reason: shimSentence(entry) })),
      unserved: found.unserved.map((item) => ({ ...item, reason: unservedSentence(item) })),
      reason: shimsSentence(found),
    };
  },
  'barring-plan': (input) => {
    const plan = barringPlan(input);
    return { ...plan, reason: barringSentence(plan) };
  },
  settable: (input) => {
    const current = settable(input);
    return { ...current, reason: settableSentence(current) };
  },
  'screw-turn': (input) => {
    const turn = screwTurn(input);
    return { ...turn, reason: screwSentence(turn) };
  },
  'lash-verdict': (input) => {
    const verdict = lashVerdict(input);
    return { ...verdict, reason: lashSentence(verdict) };
  },
  'wrench-choose': (input) => {
    const { wrenches, choice } = wrenchChoose(input);
    return {
      wrenches: wrenches.map((w) => ({ ...w, reason: wrenchSentence(w) })),
      choice,
      reason: choice ? wrenchSentence(choice) : noWrenchSentence(wrenches),
    };
  },
  'feeler-stack': (input) => {
    const stacks = feelerStack(input);
    return { ...stacks, reason: feelerSentence(stacks) };
  },
  'liner-check': (input) => {
    const check = linerCheck(input);
    const { limits } = input;
    return {
      ...check,
      bores: check.bores.map((b) => ({ ...b, reason: boreSentence(b, limits) })),
      differences: check.differences.map((d) => ({ ...d, reason: differenceSentence(d, limits) })),
      rise: check.rise.map((r) => ({ ...r, reason: riseSentence(r) })),
      reason: linersSentence(check),
    };
  },
  'order-propose': (input) => {
    const order = orderPropose(input);
    return { order, reason: orderSentence(input.pattern) };
  },
  preload: (input) => {
    const found = preload(input);
    return { ...found, reason: preloadSentence(found) };
  },
  'angle-preload': (input) => {
    const found = anglePreload(input);
    return { ...found, reason: anglePreloadSentence(found) };
  },
  tensioner: (input) => {
    const found = tensioner(input);
    return { ...found, reason: tensionerSentence(found) };
  },
  'nut-travel': (input) => {
    const found = nutTravel(input);
    return { ...found, reason: nutTravelSentence(found) };
  },
  'clamp-simulate': (input) => {
    const found = clampSimulate(input);
    return { ...found, reason: clampSentence(found) };
  },
  'trace-verdict': (input) => {
    const found = traceVerdict(input);
    return { ...found, reason: traceSentence(found) };
  },
  'tighten-plan': (input) => {
    const plan = tightenPlan(input);
    const findings = plan.findings.map((f) => ({ ...f, reason: tightenFindingSentence(f) }));
    const reason = findings[0]?.reason ?? 'The programme holds together.';
    return { acts: plan.acts, findings, reason };
  },
};

/**
 * Works one reckoning out.
 * @throws ReckoningFault naming the field that cannot be worked with
 */
export function reckon<N extends ReckonName>(name: N, input: ReckonInput<N>): Answer<N> {
  return RECKONINGS[name](input);
}

type DeepReadonly<T> = T extends object ? { readonly [K in keyof T]: DeepReadonly<T[K]> } : T;
