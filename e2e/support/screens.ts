import type { Page } from '@playwright/test';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { DEMO_TOOL } from '@cardinex/demo/tools';

/** Every screen there is, by the address that shows it in the demo shop. */
export const SCREENS = [
  ['board', '/'],
  ['this device', '/device'],
  ['new job', '/jobs/new'],
  ['tray', `/jobs/${DEMO_JOB.sluice}`],
  ['liners', `/jobs/${DEMO_JOB.conveyor}/liners`],
  ['tightening', `/jobs/${DEMO_JOB.baler}/tighten`],
  ['a barred card', `/jobs/${DEMO_JOB.conveyor}/valves`],
  ['valves done', `/jobs/${DEMO_JOB.sluice}/valves`],
  ['recheck', `/jobs/${DEMO_JOB.sluice}/recheck`],
  ['record', `/jobs/${DEMO_JOB.ferryWinch}/record`],
  ['barring', `/jobs/${DEMO_JOB.creamery}/valves`],
  ['timing', `/jobs/${DEMO_JOB.hopKiln}/timing`],
  ['a card this job has not', `/jobs/${DEMO_JOB.hopKiln}/pump`],
  ['top by a stop', `/jobs/${DEMO_JOB.hopKiln}/top`],
  ['leaflets to decide', `/jobs/${DEMO_JOB.launch}/sheet`],
  ['a leaflet', `/jobs/${DEMO_JOB.baler}/leaflet`],
  ['readings', `/jobs/${DEMO_JOB.sluice}/readings`],
  ['dead', `/jobs/${DEMO_JOB.sawBench}/dead`],
  ['marks', `/jobs/${DEMO_JOB.sawBench}/mark`],
  ['stripped', `/jobs/${DEMO_JOB.sawBench}/strip`],
  ['parts', `/jobs/${DEMO_JOB.sawBench}/parts`],
  ['inspection', `/jobs/${DEMO_JOB.sawBench}/inspect`],
  ['a warped head', `/jobs/${DEMO_JOB.sawBench}/inspect?check=flatness%2Fhead%2F1`],
  ['bolt holes', `/jobs/${DEMO_JOB.sawBench}/inspect?check=holes%2Fhead%2F1`],
  ['bores', `/jobs/${DEMO_JOB.sawBench}/inspect?check=bores`],
  ['cause', `/jobs/${DEMO_JOB.sawBench}/cause`],
  ['photographs', `/jobs/${DEMO_JOB.sawBench}/photographs`],
  ['a parked job', `/jobs/${DEMO_JOB.northFerry}`],
  ['in and out', `/jobs/${DEMO_JOB.northFerry}/register`],
  ['scope', `/jobs/${DEMO_JOB.northFerry}/scope`],
  ['liners to place', `/jobs/${DEMO_JOB.dredger}/liners?part=place`],
  ['seals', `/jobs/${DEMO_JOB.dredger}/liners?part=seals`],
  ['a counterbore', `/jobs/${DEMO_JOB.dredger}/liners?check=counterbores`],
  ['shells', `/jobs/${DEMO_JOB.aeroplane}/shells?check=shells%2Fmains`],
  ['two opposite cylinders', `/jobs/${DEMO_JOB.gliderTug}/tighten?set=cylinder-base`],
  ['a separate cylinder', `/jobs/${DEMO_JOB.gliderTug}/fit?set=cylinder`],
  ['bearing by bearing', `/jobs/${DEMO_JOB.southFerry}/bearings`],
  ['old shells', `/jobs/${DEMO_JOB.dredger}/inspect?check=shells-found%2Fmains`],
  ['pistons', `/jobs/${DEMO_JOB.aeroplane}/pistons`],
  ['pistons weighed', `/jobs/${DEMO_JOB.aeroplane}/pistons?check=masses`],
  ['rings on', `/jobs/${DEMO_JOB.aeroplane}/pistons?check=rings-on`],
  ['pistons on rods', `/jobs/${DEMO_JOB.aeroplane}/pistons?check=on-rod`],
  ['a head built', `/jobs/${DEMO_JOB.cider}/head-build?check=head-built`],
  ['a head goes on', `/jobs/${DEMO_JOB.cider}/tighten?set=head`],
  ['what would happen if', `/jobs/${DEMO_JOB.baler}/what-if?set=head`],
  ['stand-out', `/jobs/${DEMO_JOB.sawBench}/stand-out`],
  ['sign-in', '/sign-in'],
  ['sheets', '/sheets'],
  ['a sheet', '/sheets/orrin-6t'],
  ['a new sheet', '/sheets/new'],
  ['tool crib', '/tools'],
  ['a feeler set', `/tools/${DEMO_TOOL.feelers}`],
  ['a new tool', '/tools/new'],
  ['bench', '/bench'],
  ['wrench on the bench', '/bench/wrench'],
  ['a clamp on the bench', '/bench/preload'],
  ['a jack on the bench', '/bench/jack'],
  ['an order on the bench', '/bench/order'],
  ['two ways on the bench', '/bench/whatIf'],
  ['a trace on the bench', '/bench/trace'],
  ['valves on the bench', '/bench/valves'],
  ['a tappet on the bench', '/bench/hydraulic'],
  ['shims on the bench', '/bench/shims'],
  ['a gap over the hours on the bench', '/bench/trend'],
  ['top dead centre on the bench', '/bench/top'],
  ['a head on the bench', '/bench/head'],
  ['a face on the bench', '/bench/face'],
  ['what comes off on the bench', '/bench/reach'],
  ['a shaft drawn down on the bench', '/bench/drawDown'],
  ['a bore on the bench', '/bench/bore'],
  ['liners placed on the bench', '/bench/arrange'],
  ['ring gaps on the bench', '/bench/clock'],
  ['a gasket on the bench', '/bench/gasket'],
] as const;

type ScreenName = (typeof SCREENS)[number][0];

/**
 * Goes to a screen from another of the app, as by a link, and waits until it is there: to load the app anew
 * for each takes five times as long.
 */
export async function openScreen(page: Page, shop: string, name: ScreenName): Promise<void> {
  const path = SCREENS.find(([screen]) => screen === name)?.[1] ?? '';
  if (page.url() !== shop + path) await page.evaluate(leaveFor, path);
  await page.locator('#screen-heading:not([data-left])').waitFor({ timeout: 30_000 });
  // What is asked of the server, or worked out beside the screen, comes a moment later.
  await page.waitForTimeout(300);
}

/** In the page: the heading that is left is marked as such, so that the next one can be told from it. */
function leaveFor(path: string): void {
  document.querySelector('#screen-heading')?.setAttribute('data-left', '');
  history.pushState(null, '', path);
  dispatchEvent(new PopStateEvent('popstate', { state: null }));
}

/** The main ones, which show at a second size whether their parts go together. */
export const MAIN: readonly ScreenName[] = [
  'board',
  'this device',
  'new job',
  'tray',
  'liners',
  'tightening',
  'valves done',
  'recheck',
  'record',
  'barring',
  'timing',
  'leaflets to decide',
  'dead',
  'parts',
  'a warped head',
  'photographs',
  'pistons',
  'a head goes on',
  'what would happen if',
  'stand-out',
  'sign-in',
  'sheets',
  'a sheet',
  'tool crib',
  'bench',
  'valves on the bench',
  'a trace on the bench',
];

/** Slips that lie over a screen, each by its screen and what is pressed there to lay it. */
export const SLIPS: readonly (readonly [screen: ScreenName, pressed: RegExp])[] = [
  ['tightening', /^Not so/],
  ['barring', /^Not so|I see something else/],
  ['timing', /^Not so/],
  ['parts', /^Send something out/],
  ['in and out', /^Put/],
  ['record', /Fuel shut off/],
  ['a head goes on', /^Not good/],
];
