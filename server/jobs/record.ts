import type { JobEvent } from '@cardinex/core/job/act';
import type { JobRecord } from '@cardinex/contract/jobs/record';
import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import { headOf } from '../database/logs';
import { Member, Shop } from '../database/models';

/** Everything kept of a job, with what is needed to read and check it elsewhere. */
export async function jobRecord(
  shopId: string,
  job: { readonly id: string; readonly sheet: SheetRevision; readonly log: readonly JobEvent[] },
): Promise<JobRecord> {
  const shop = await Shop.findByPk(shopId, { rejectOnEmpty: true });
  const crew = await Member.findAll({ where: { shopId }, order: ['name'] });
  return {
    format: 'cardinex-job-record',
    version: 1,
    exportedAt: new Date().toISOString(),
    shop: { name: shop.name, place: shop.place, timeZone: shop.timeZone },
    crew: crew.map(({ memberId: id, name, role }) => ({ id, name, role })),
    job: job.id,
    sheet: job.sheet,
    chain:
      'SHA-256 of the RFC 8785 canonical JSON of each event without "hash"; "previousHash" is the hash before, 64 zeros at first.',
    head: headOf(job.log.at(-1)),
    count: job.log.length,
    events: [...job.log],
  };
}
