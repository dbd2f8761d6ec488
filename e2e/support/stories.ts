import type { Scope } from '@cardinex/core/job/facts/scope';
import { randomUUID } from 'node:crypto';
import { headNext } from '../../demo/intakeStory';
import { firstVariant, sheetHash } from '../../demo/jobs';
import type { EngineSheet } from '../../core/sheet/engineSheet';
import { tolvane44 } from '../../demo/sheets/tolvane44';
import { crewMember, lockside } from '../../demo/shops';
import { Storyteller } from '../../demo/storyteller';
import { DEMO_TOOL } from '../../demo/tools';

/**
 * An engine put on the stand by Tobin under a name of its own.
 * @param scope how far it goes, nothing done yet; without one it is a gasket job whose cards before the liners
 * and the head were done elsewhere
 */
export function onTheStand(
  sheet: EngineSheet,
  name: string,
  minutesAgo = 8,
  scope?: Scope,
): Storyteller {
  const startsAt = new Date(Date.now() - minutesAgo * 60_000);
  const tobin = crewMember(lockside, 'TR');
  const story = new Storyteller(lockside, randomUUID(), sheet, startsAt, tobin).act('job.opened', {
    sheet: { id: sheet.id, revision: sheet.revision, hash: sheetHash(sheet) },
    serial: '40001',
    name,
    why: 'Head gasket.',
    cylinder1End: sheet.cylinder1End,
    variant: firstVariant(sheet),
    scope: scope ?? { kind: 'gasket' },
  });
  return scope ? story : headNext(story, sheet);
}

/** A Tolvane 44 under a name of its own, with its liners in and a wrench in hand. */
export function readyToPull(name: string, minutesAgo = 8): Storyteller {
  return onTheStand(tolvane44, name, minutesAgo)
    .liner('1', 0.06, 0.06)
    .liner('2', 0.07, 0.07)
    .liner('3', 0.08, 0.08)
    .liner('4', 0.09, 0.09)
    .act('liners.accepted', {})
    .prepare(DEMO_TOOL.wrench5);
}

/** The same with its head down and the caution about barring acknowledged: the valves come next. */
export function readyToSet(name: string): Storyteller {
  return readyToPull(name, 40)
    .pull('s1', 10)
    .pull('s2', 10)
    .pull('s3', 10)
    .act('caution.acknowledged', { caution: 'barring' });
}
