import { createHash } from 'node:crypto';
import type { ActData } from '@cardinex/core/job/act';
import { stripNext } from '@cardinex/core/job/cards/strip/view';
import { canonicalJson } from '@cardinex/core/job/chain';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import {
  allGood,
  headNext,
  madeDead,
  marked,
  measured,
  partsIn,
  pulledAfterHeat,
  putOn,
  putOnRow,
  sheetIn,
  stateOf,
  stripped,
  strippedStep,
  topDown,
  wrenchFor,
} from './intakeStory';
import { bearingsDone } from './frameStory';
import {
  caseClosed,
  cylinderOn,
  pistonHung,
  pistonsOnBench,
  plated,
  pulledByTwo,
} from './cylinderStory';
import { timed } from './timingStory';
import { castryV8 } from './sheets/castryV8';
import { averilQ4 } from './sheets/averilQ4';
import { hesperM6Left, hesperM6Right } from './sheets/hesperM6';
import { orrin6t } from './sheets/orrin6t';
import { quillon5c } from './sheets/quillon5c';
import { tolvane44 } from './sheets/tolvane44';
import { crewMember, lockside, weirStreet, type DemoShop } from './shops';
import { DEMO_TOOL } from './tools';
import { Storyteller, type DemoJob } from './storyteller';

/** The hash a job pins its sheet by. */
export function sheetHash(sheet: EngineSheet): string {
  return createHash('sha256').update(canonicalJson(sheet), 'utf8').digest('hex');
}

const jobId = (shop: number, job: number): string =>
  `0190000${shop}-0000-7000-9000-${job.toString(16).padStart(12, '0')}`;

/** The first answer to each question a sheet asks about an engine. */
export function firstVariant({ variants = [] }: EngineSheet): Readonly<Record<string, string>> {
  return Object.fromEntries(variants.map(({ id, options }) => [id, options[0]?.id ?? '']));
}

/** Jobs by what they show, so that tests and pictures can open one by name. */
export const DEMO_JOB = {
  conveyor: jobId(1, 1),
  baler: jobId(1, 2),
  sluice: jobId(1, 3),
  ferryWinch: jobId(1, 4),
  creamery: jobId(1, 5),
  launch: jobId(1, 6),
  sawBench: jobId(1, 7),
  northFerry: jobId(1, 8),
  dredger: jobId(1, 9),
  aeroplane: jobId(1, 10),
  cider: jobId(1, 11),
  sluiceFirst: jobId(1, 12),
  sluiceSecond: jobId(1, 13),
  hopKiln: jobId(1, 14),
  gravelHoist: jobId(1, 15),
  harbourTug: jobId(1, 16),
  grainDryer: jobId(1, 17),
  southFerry: jobId(1, 18),
  gliderTug: jobId(1, 19),
  otherShops: jobId(2, 1),
} as const;

/** The made-up shop's jobs, told so that the last of them ends at `now`. */
export function demoJobs(now: Date): readonly DemoJob[] {
  return [
    conveyor(now),
    baler(now),
    earlierSluice(now, DEMO_JOB.sluiceFirst, 2, 2140, 0.38),
    earlierSluice(now, DEMO_JOB.sluiceSecond, 1, 4390, 0.33),
    sluice(now),
    ferryWinch(now),
    creamery(now),
    launch(now),
    sawBench(now),
    northFerry(now),
    dredger(now),
    aeroplane(now),
    cider(now),
    hopKiln(now),
    gravelHoist(now),
    harbourTug(now),
    grainDryer(now),
    southFerry(now),
    gliderTug(now),
    otherShops(now),
  ];
}

function open(
  shop: DemoShop,
  id: string,
  startsAt: Date,
  opened: Pick<ActData['job.opened'], 'serial' | 'hours' | 'name' | 'why' | 'scope' | 'because'>,
  initials: string,
  sheet: EngineSheet = tolvane44,
): Storyteller {
  const { cylinder1End } = sheet;
  const pinned = { id: sheet.id, revision: sheet.revision, hash: sheetHash(sheet) };
  return new Storyteller(shop, id, sheet, startsAt, crewMember(shop, initials)).act('job.opened', {
    sheet: pinned,
    ...opened,
    cylinder1End,
    variant: firstVariant(sheet),
  });
}

function hoursBefore(now: Date, hours: number): Date {
  return new Date(now.getTime() - hours * 3_600_000);
}

/** Honest trouble at the liners: number 3 tilts, and 2 stands higher than 3. */
function conveyor(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.conveyor,
    hoursBefore(now, 3),
    {
      serial: 'T44-21960',
      name: 'quarry conveyor',
      why: 'Its gasket gone at number 3 twice in a year: the liners are looked at.',
      scope: { kind: 'gasket' },
      because: 'gas-to-water',
    },
    'WH',
  );
  return headNext(story, tolvane44)
    .liner('1', 0.06, 0.07, 0.06, 0.06)
    .liner('2', 0.09, 0.09, 0.08, 0.09)
    .liner('3', 0.05, 0.11, 0.08, 0.07)
    .end();
}

/** Half-way through stage 2, left for longer than a bolt is remembered. */
function baler(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.baler,
    new Date(now.getTime() - 45 * 60_000),
    {
      serial: 'T44-20817',
      name: 'top-field baler',
      why: 'Head gasket blown between 2 and 3; coolant pushed out of the cap.',
      scope: { kind: 'gasket' },
      because: 'gas-to-water',
    },
    'MO',
  );
  return headNext(story, tolvane44)
    .liner('1', 0.06, 0.07, 0.06, 0.07)
    .liner('2', 0.08, 0.07, 0.07, 0.08)
    .liner('3', 0.09, 0.08, 0.08, 0.09)
    .liner('4', 0.1, 0.1, 0.09, 0.1)
    .act('liners.accepted', {})
    .by(crewMember(lockside, 'TR'))
    .prepare(DEMO_TOOL.wrench3)
    .pull('s1', 10)
    .pull('s2', 4)
    .strikeLast()
    .pullOne('head/1/main/1/s2/h4')
    .pullOne('head/1/main/1/s2/h5')
    .pullOne('head/1/main/1/s2/h6')
    .end();
}

/** Closed up and set cold; the hot recheck waits. Overhauled twice before: the seat of E4 is going. */
function sluice(now: Date): DemoJob {
  return headOn(
    open(
      lockside,
      DEMO_JOB.sluice,
      hoursBefore(now, 50),
      {
        serial: 'T44-18402',
        hours: 6610,
        name: 'sluice pump',
        why: 'Low compression on 4; the head was away for its exhaust seats.',
        scope: { kind: 'gasket' },
        because: 'low-compression',
      },
      'TR',
    ),
  ).end();
}

/** The same engine at its earlier overhauls, a year and two before; nothing is left open of them. */
function earlierSluice(now: Date, id: string, years: number, hours: number, e4: number): DemoJob {
  const story = headDown(
    open(
      lockside,
      id,
      hoursBefore(now, years * 8760),
      {
        serial: 'T44-18402',
        hours,
        name: `lower sluice, ${hours} h`,
        why: 'Gasket renewed at its hours.',
        scope: { kind: 'gasket' },
        because: 'worn',
      },
      'WH',
    ),
  );
  return heated(gapsSet(story, { E4: e4, E2: 0.41, E1: 0.4, E3: 0.39 })).end();
}

/** Head down, half the valves set: one turn to bar. One of them moved on locking. */
function creamery(now: Date): DemoJob {
  return headDown(
    open(
      lockside,
      DEMO_JOB.creamery,
      hoursBefore(now, 6),
      {
        serial: 'T44-22107',
        name: 'creamery pump',
        why: 'Water in the oil; head gasket gone between a water way and a push-rod hole.',
        scope: { kind: 'gasket' },
        because: 'water-to-oil',
      },
      'TR',
    ),
  )
    .act('caution.acknowledged', { caution: 'barring' })
    .act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' })
    .valve('E1', 0.36, 0.42, 0.47)
    .act('valve.read', { valve: 'E1', reading: 'set', ...gap(0.4) })
    .act('valve.read', { valve: 'E1', reading: 'locked', ...gap(0.44) })
    .valve('I1', 0.28, 0.32, 0.32)
    .valve('I2', 0.31, 0.32, 0.33)
    .valve('E3', 0.34, 0.42, 0.42)
    .end();
}

function gap(mm: number) {
  return { mm, printed: { text: mm.toFixed(2), unit: 'mm' as const } };
}

/** Finished, hot recheck and all. */
function ferryWinch(now: Date): DemoJob {
  const story = headOn(
    open(
      lockside,
      DEMO_JOB.ferryWinch,
      hoursBefore(now, 200),
      {
        serial: 'T44-19733',
        name: 'ferry winch',
        why: 'Overheated after a lost fan belt; head skimmed.',
        scope: { kind: 'gasket' },
        because: 'overheated',
      },
      'WH',
    ),
  );
  return heated(story).end();
}

/** Run hot, every gap of a Tolvane checked so, its bolts pulled again cold, and why it failed answered. */
function heated(story: Storyteller): Storyteller {
  story
    .wait(300)
    .act('recheck.begun', { words: '45 minutes under load, 80 °C at the outlet' })
    .act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' })
    .hot('E1', 0.4)
    .hot('I1', 0.3)
    .hot('I2', 0.31)
    .hot('E3', 0.41)
    .act('crank.stood', { atDeg: 360, seen: 'cylinder 1 rocking' })
    .hot('E2', 0.39)
    .hot('I3', 0.3)
    .hot('I4', 0.29)
    .hot('E4', 0.4);
  return pulledAfterHeat(story, tolvane44).act('cause.answered', {
    cause: 'worn-out',
    mended: 'New liners, pistons and rings; the air filter’s housing sealed.',
  });
}

/** Liners, all three stages and all gaps, cold. */
function headOn(story: Storyteller): Storyteller {
  return gapsSet(headDown(story));
}

/**
 * All gaps of a Tolvane set cold, at both its crank stops.
 * @param found where a valve was found otherwise than usual
 */
export function gapsSet(
  story: Storyteller,
  found: Readonly<Record<string, number>> = {},
): Storyteller {
  const valve = (id: string, foundMm: number, setMm: number, lockedMm: number): Storyteller =>
    story.valve(id, found[id] ?? foundMm, setMm, lockedMm);
  story
    .act('caution.acknowledged', { caution: 'barring' })
    .act('crank.stood', { atDeg: 0, seen: 'cylinder 4 rocking' });
  valve('E1', 0.36, 0.42, 0.43);
  valve('I1', 0.28, 0.32, 0.32);
  valve('I2', 0.31, 0.32, 0.33);
  valve('E3', 0.34, 0.42, 0.42);
  story.act('crank.stood', { atDeg: 360, seen: 'cylinder 1 rocking' });
  valve('E2', 0.38, 0.43, 0.43);
  valve('I3', 0.3, 0.33, 0.32);
  valve('I4', 0.29, 0.32, 0.33);
  valve('E4', 0.27, 0.42, 0.43);
  return story.act('gaps.turned', { leftOut: 'Felt once more with the engine hot.' });
}

/** Liners in and all three stages of the head closed. */
function headDown(story: Storyteller): Storyteller {
  return headNext(story, tolvane44)
    .liner('1', 0.06, 0.06, 0.07, 0.06)
    .liner('2', 0.07, 0.07, 0.07, 0.08)
    .liner('3', 0.08, 0.09, 0.08, 0.08)
    .liner('4', 0.09, 0.1, 0.1, 0.1)
    .act('liners.accepted', {})
    .wait(60)
    .prepare(DEMO_TOOL.wrench5)
    .pull('s1', 10)
    .pull('s2', 10)
    .pull('s3', 10)
    .wait(20);
}

/** New studs and a new gasket, whose leaflets do not agree with the sheet: nobody has decided yet. */
function launch(now: Date): DemoJob {
  const studs = { from: 'leaflet', source: 'Stud set V8, leaflet 2' };
  const gasket = { from: 'leaflet', source: 'Head gasket set, leaflet 5' };
  return open(
    lockside,
    DEMO_JOB.launch,
    hoursBefore(now, 26),
    {
      serial: 'CV8-3071',
      name: 'pilot launch',
      why: 'Water in cylinder 5; starboard head gasket gone at the outer row.',
      scope: { kind: 'gasket' },
      because: 'water-to-cylinder',
    },
    'WH',
    castryV8,
  )
    .act('leaflet.entered', {
      leaflet: 'stud-leaflet',
      title: studs.source,
      cameWith: 'studs',
      points: [
        {
          at: '/fastenedSets/id=head/groups/id=dry/treatment',
          to: {
            kind: 'paste',
            says: 'The paste in the bag on the nut end and under the nut',
            ...studs,
          },
        },
      ],
    })
    .act('leaflet.entered', {
      leaflet: 'gasket-leaflet',
      title: gasket.source,
      cameWith: 'gasket',
      points: [
        {
          at: '/fastenedSets/id=head/afterwards/about=settle-and-check',
          to: {
            about: 'settle-and-check',
            demand: 'never',
            says: 'Once down, not to be pulled again.',
            ...gasket,
          },
        },
        {
          at: '/gasket/dressing',
          to: { says: 'Dry; composition gasket, not pre-coated', ...gasket },
        },
      ],
    })
    .end();
}

function otherShops(now: Date): DemoJob {
  return open(
    weirStreet,
    DEMO_JOB.otherShops,
    hoursBefore(now, 5),
    {
      serial: 'T44-11018',
      name: 'mowing tractor',
      why: 'Smokes when warm.',
      scope: { kind: 'top-end' },
      because: 'worn',
    },
    'LP',
  ).end();
}

/** Stripped and on the bench: its head has warped, one bag of bolts came short, nothing is decided yet. */
function sawBench(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.sawBench,
    hoursBefore(now, 30),
    {
      serial: '5C-3418',
      name: 'saw bench',
      why: 'Ran hot after a hose burst; steam at the filler.',
      scope: { kind: 'top-end' },
      because: 'overheated',
    },
    'WH',
    quillon5c,
  );
  stripped(marked(madeDead(story, quillon5c), quillon5c), quillon5c);
  measured(story, quillon5c, 'flatness/head/1', {
    long: [0.14],
    cross: [0.03],
    'diagonal-1': [0.11],
    'diagonal-2': [0.09],
  });
  return story
    .act('part.arrived', { part: 'bolts/head/long', count: 6, verdict: 'right' })
    .act('part.arrived', {
      part: 'bolts/head/short',
      count: 5,
      verdict: 'missing',
      words: 'One bolt left out of the bag; ordered again.',
    })
    .act('work.sent', {
      work: 'crack-test',
      what: 'Head: tested for cracks',
      to: 'Weir Street Garage',
      holds: { card: 'tighten', set: 'head' },
    })
    .end();
}

/** One cylinder of the ferry's engine, parked until its sealing ring comes. */
function northFerry(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.northFerry,
    hoursBefore(now, 190),
    {
      serial: 'HM6R-118',
      name: 'north ferry, starboard',
      why: 'Water in the scavenge drain of cylinder 4.',
      scope: { kind: 'one-head', only: '4' },
      because: 'water-to-cylinder',
    },
    'MO',
    hesperM6Right,
  );
  stripped(marked(madeDead(story, hesperM6Right), hesperM6Right), hesperM6Right);
  return story
    .act('temporary-part.put-in', {
      part: 'clamping-beam',
      kind: 'liner-clamp',
      what: 'Clamping beam',
      where: 'cylinder 4',
      bars: 'cover',
    })
    .act('temporary-part.put-in', {
      part: 'port-cover',
      kind: 'plug',
      what: 'Cover in the exhaust port',
      where: 'cylinder 4',
      bars: 'start',
    })
    .act('job.parked', {
      done: ['ports-plugged', 'bores-oiled', 'bags-labelled', 'covered'],
      words: 'Waits for the sealing ring. Bore oiled with the green can.',
      resumeBy: ['Wipe the oil out of the bore', 'Look under the cover for water'],
    })
    .end();
}

/** All apart and clean: one liner stands out of order, and what to do about it has been measured. */
function dredger(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.dredger,
    hoursBefore(now, 50),
    {
      serial: 'T44-18833',
      name: 'weir dredger',
      why: 'Knocked, then stopped; shells of two mains down to the copper.',
      scope: { kind: 'everything' },
      because: 'low-oil-pressure',
    },
    'TR',
    tolvane44,
  );
  partsIn(stripped(marked(madeDead(story, tolvane44), tolvane44), tolvane44), tolvane44);
  allGood(allGood(story, tolvane44, 'inspect'), tolvane44, 'bores');
  for (const item of ['2/lower', '4/lower'])
    story.act('check.seen', {
      check: 'shells-found/mains',
      item,
      found: 'not-good',
      wear: 'copper',
    });
  measured(story, tolvane44, 'counterbores', { '1': [8], '2': [8], '3': [8.01], '4': [8] });
  measured(story, tolvane44, 'flanges', { '1': [8.06], '2': [8.11], '3': [8.08], '4': [8.11] });
  return story.end();
}

/** The valley's aeroplane with its cylinders off: the pistons as they came do not match across the case. */
function aeroplane(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.aeroplane,
    hoursBefore(now, 80),
    {
      serial: 'Q4-0277',
      name: 'valley aeroplane',
      why: 'Low on two cylinders at the last compression check.',
      scope: { kind: 'everything' },
      because: 'low-compression',
    },
    'MO',
    averilQ4,
  );
  partsIn(stripped(marked(madeDead(story, averilQ4), averilQ4), averilQ4), averilQ4);
  for (const card of ['inspect', 'bores', 'shells', 'crank'] as const) {
    allGood(story, averilQ4, card);
  }
  for (const [item, grams] of Object.entries({ '1': 1208, '2': 1229, '3': 1215, '4': 1226 })) {
    story.act('piece.weighed', { check: 'masses', item, grams, text: String(grams) });
  }
  return story.end();
}

/** Coming apart: covers, brake housings and rockers are off, one pipe was cracked; the injectors are next. */
function gravelHoist(now: Date): DemoJob {
  const story = madeDead(
    open(
      lockside,
      DEMO_JOB.gravelHoist,
      hoursBefore(now, 3),
      {
        serial: 'O6T-0412',
        name: 'gravel hoist',
        why: 'Bubbles in the header tank, and the fan belt wet.',
        scope: { kind: 'top-end' },
        because: 'gas-to-water',
      },
      'TR',
      orrin6t,
    ),
    orrin6t,
  );
  const sheet = sheetIn(story, orrin6t);
  for (
    let next = stripNext(sheet, stateOf(story), '');
    next && next.group.piece.kind !== 'injector';
    next = stripNext(sheet, stateOf(story), '')
  )
    if (next.step.kind === 'off' && next.group.piece.kind === 'harness')
      story.act('piece.off', {
        pieces: next.step.instances,
        found: 'damaged',
        words: 'Chafed through at the third clip.',
      });
    else strippedStep(story, next.group, next.step);
  return story.end();
}

/**
 * Going together: both heads are down, one exhaust manifold is on, the valley manifold is nipped on its bead and left
 * before it is pulled, and the covers wait for what they would shut in.
 */
function harbourTug(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.harbourTug,
    hoursBefore(now, 26),
    {
      serial: 'V8M-3077',
      name: 'harbour tug',
      why: 'Water in the oil after the last season.',
      scope: { kind: 'gasket' },
      because: 'water-to-oil',
    },
    'WH',
    castryV8,
  );
  partsIn(stripped(madeDead(story, castryV8), castryV8), castryV8);
  allGood(story, castryV8, 'inspect').act('card.left-out', {
    card: 'covering',
    words: 'Put on before it was noted.',
  });
  const sheet = sheetIn(story, castryV8);
  const head = setOf(sheet, 'head');
  for (const instance of head?.instances ?? [])
    if (head) story.wholeRun(head, instance, wrenchFor(castryV8, head));
  putOnRow(story, sheet, 'exhaust-manifold');
  putOnRow(story, sheet, 'inlet-manifold', { beadAt: hoursBefore(now, 1 / 3).toISOString() });
  return story.end();
}

/** Whole again, run to working heat and cold: what lies over its head bolts comes off for their second pull. */
function grainDryer(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.grainDryer,
    hoursBefore(now, 31),
    {
      serial: 'T44-22418',
      name: 'grain dryer',
      why: 'Lost water all season, and steam at the filler.',
      scope: { kind: 'gasket' },
      because: 'gas-to-water',
    },
    'TR',
  );
  partsIn(stripped(madeDead(story, tolvane44), tolvane44), tolvane44);
  for (const card of ['inspect', 'stand-out'] as const)
    story.act('card.left-out', { card, words: 'Read and written down on paper.' });
  story
    .liner('1', 0.07, 0.07, 0.07, 0.08)
    .liner('2', 0.07, 0.08, 0.08, 0.08)
    .liner('3', 0.08, 0.08, 0.09, 0.08)
    .liner('4', 0.08, 0.09, 0.08, 0.09)
    .act('liners.accepted', {})
    .act('card.left-out', { card: 'covering', words: 'Put on before it was noted.' });
  const head = setOf(tolvane44, 'head');
  if (head) story.wholeRun(head, '1', wrenchFor(tolvane44, head));
  putOn(gapsSet(putOn(story, tolvane44)), tolvane44);
  return story
    .wait(22 * 60)
    .act('heat.reached', { words: 'an hour on the dryer, 82 °C at the outlet' })
    .wait(5 * 60)
    .end();
}

/** In the frame with its crank in place: two main bearings are closed again, the third is open and ran hot. */
function southFerry(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.southFerry,
    hoursBefore(now, 7),
    {
      serial: 'HM6-0112',
      name: 'south ferry',
      why: 'Oil pressure fell by a third in a week; bright metal in the filter.',
      scope: {
        kind: 'pieces',
        also: ['1', '2', '3', '4', '5', '6', '7'].map((place) => `main-cap/${place}`),
      },
      because: 'low-oil-pressure',
    },
    'TR',
    hesperM6Left,
  );
  stripped(madeDead(story, hesperM6Left), hesperM6Left);
  return bearingsDone(story, hesperM6Left, {
    wear: { '2/lower': 'scored', '3/lower': 'wiped' },
    until: (bearing, step) => bearing === '3' && step.kind === 'shell' && step.item === '3/upper',
  }).end();
}

/**
 * All apart and going together: the first two cylinders are on, opposite each other. Two people pull their nuts, a side
 * each with a wrench of their own; the near end of a through bolt is on, the far end is waited for.
 */
function gliderTug(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.gliderTug,
    hoursBefore(now, 3),
    {
      serial: 'Q4-0301',
      name: 'glider tug',
      why: 'Metal in the filter at its hundred hours.',
      scope: { kind: 'everything' },
      because: 'low-oil-pressure',
    },
    'TR',
    averilQ4,
  );
  stripped(madeDead(story, averilQ4), averilQ4);
  for (const card of ['mark', 'parts', 'inspect', 'bores', 'shells', 'crank'] as const)
    story.act('card.left-out', {
      card,
      words: 'At the engine shop in the valley; its sheet is in the file.',
    });
  for (const [item, grams] of Object.entries({ '1': 1212, '2': 1215, '3': 1209, '4': 1214 }))
    story.act('piece.weighed', { check: 'masses', item, grams, text: String(grams) });
  plated(caseClosed(pistonsOnBench(story, averilQ4), averilQ4));
  story.act('piston-route.chosen', { route: 'part-way-out' });
  for (const cylinder of [1, 2]) pistonHung(story, averilQ4, cylinder);
  for (const cylinder of [1, 2]) cylinderOn(story, averilQ4, cylinder);
  return pulledByTwo(story, averilQ4, 'near').end();
}

/** A chain-driven head about to go on: built, looked under, the crank to be placed. */
function cider(now: Date): DemoJob {
  const story = madeDead(
    open(
      lockside,
      DEMO_JOB.cider,
      hoursBefore(now, 2),
      {
        serial: 'Q5C-3108',
        name: 'cider mill',
        why: 'Coolant pushed out; head bolts stretched past their length.',
        scope: { kind: 'top-end' },
        because: 'gas-to-water',
      },
      'WH',
      quillon5c,
    ),
    quillon5c,
  );
  for (const card of ['mark', 'strip', 'parts', 'inspect'] as const)
    story.act('card.left-out', { card, words: 'Done before there were cards of it.' });
  story.act('card.left-out', { card: 'stand-out', words: 'Pistons not disturbed.' });
  allGood(story, quillon5c, 'head-build');
  for (const item of ['nothing-left', 'dowels', 'hides-0', 'hides-1', 'hides-2'])
    story.act('check.seen', { check: 'last-look/head/1', item, found: 'good' });
  return story.end();
}

/** A chain-driven head on again: its sprockets run in line, the first mark of the chain is set. */
function hopKiln(now: Date): DemoJob {
  const story = open(
    lockside,
    DEMO_JOB.hopKiln,
    hoursBefore(now, 5),
    {
      serial: 'Q5C-2977',
      name: 'hop kiln',
      why: 'The chain rattled, then jumped a link at the start.',
      scope: { kind: 'gasket' },
      because: 'noise',
    },
    'WH',
    quillon5c,
  );
  let marks = 0;
  return timed(topDown(story, quillon5c), quillon5c, ({ kind }) => {
    if (kind === 'look') marks += 1;
    return marks > 1;
  }).end();
}
