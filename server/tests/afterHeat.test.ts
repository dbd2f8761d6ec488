import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { scopedSheet } from '@cardinex/core/job/scope';
import { openedFor } from '@cardinex/core/job/tests/intake';
import { stateOf } from '@cardinex/core/job/tests/story';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { weirStreet } from '@cardinex/demo/shops';
import { afterHeatCalendar } from '../calendar/afterHeat';
import { Copy, type DeviceAt } from './copy';

const scope = { kind: 'gasket' } as const;
const state = stateOf(openedFor(tolvane44, scope, {}));
const heat = { at: '2026-03-02T08:00:00Z', by: 'x', words: 'an hour at half load' };
const sheet = scopedSheet(tolvane44, scope);

/** The lines of a calendar, unfolded. */
function calendar(hot: boolean): string {
  return afterHeatCalendar('a', sheet, { ...state, heat: hot ? heat : null }).replace(/\r\n /g, '');
}

it('says from when the bolts may be pulled again: four hours after it was hot', () => {
  expect(calendar(true)).toContain('DTSTART:20260302T120000Z');
  expect(calendar(true)).toContain('SUMMARY:Head bolts again after heat: test engine');
});

it('holds nothing before the engine has been hot, nor on a job without such cards', () => {
  expect(calendar(false)).not.toContain('BEGIN:VEVENT');
  const byAngle = scopedSheet(quillon5c, scope);
  expect(afterHeatCalendar('a', byAngle, { ...state, heat })).not.toContain('BEGIN:VEVENT');
});

describe('over HTTP', () => {
  let copy: Copy;
  let phone: DeviceAt;
  const path = `/api/jobs/${DEMO_JOB.cider}/after-heat.ics`;
  beforeAll(async () => {
    copy = await Copy.start();
    phone = await copy.device('TR');
  }, 60_000);
  afterAll(() => copy.stop());

  it('is a calendar of the shop’s own job, and asks for a sign-in', async () => {
    expect((await phone.bytes(path)).toString()).toMatch(/^BEGIN:VCALENDAR/);
    const elsewhere = await copy.device('LP', weirStreet);
    expect((await elsewhere.get(path)).status).toBe(404);
    expect((await fetch(copy.address + path)).status).toBe(401);
  });
});
