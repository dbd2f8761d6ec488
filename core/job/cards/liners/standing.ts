import type { JobSheet } from '../../scope';
import { DONE, openFor, type Standing } from '../../standing';
import type { JobState } from '../../state';
import type { TrayReason } from '../../trayReason';
import { boreIds, boresToRemark, boresToSeal, linersFinding, unreadBores } from './view';

/** What is wrong first, then what is left to read and to seal, then that somebody accepts them. */
export function linersStanding(sheet: JobSheet, { liners }: Pick<JobState, 'liners'>): Standing {
  if (liners.accepted) return DONE;
  const bores = boreIds(sheet);
  const unmarked = boresToRemark(liners);
  if (unmarked.length > 0) return openFor({ code: 'liners-to-mark', bores: unmarked }, true);
  const unsealed = boresToSeal(sheet, liners);
  const read = bores.length - unreadBores(sheet, liners).length;
  if (linersFinding(sheet, liners)?.overall === 'out') return openFor({ code: 'liners-out' }, true);
  const reason: TrayReason =
    read < bores.length
      ? { code: 'liners-to-read', read, total: bores.length }
      : unsealed.length > 0
        ? { code: 'liners-to-seal', left: unsealed.length }
        : { code: 'liners-to-accept' };
  return openFor(reason);
}
