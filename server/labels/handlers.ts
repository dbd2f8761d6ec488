import { marksOf } from '@cardinex/core/job/cards/mark/view';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import type { Handlers } from '../routes/handler';
import { labelsPdf } from './labelsPdf';

/** Tags for the parts of a job, as a PDF. */
export function labelHandlers(cache: JobCache): Handlers<'GET /api/jobs/{id}/labels.pdf'> {
  return {
    'GET /api/jobs/{id}/labels.pdf': async ({ who, params: { id }, query, request, response }) => {
      const { state, sheet: pinned } = await openJob(cache, who.shopId, id);
      const sheet = sheetOfJob(pinned.sheet, state);
      const origin = `${request.protocol}://${request.get('host') ?? ''}`;
      const pdf = await labelsPdf({
        marks: marksOf(sheet),
        sheet,
        job: state.opened?.name ?? '',
        serial: state.opened?.serial ?? '',
        size: query.size,
        addressOf: (mark) => `${origin}/jobs/${id}/mark?part=${encodeURIComponent(mark.id)}`,
      });
      response.attachment(`cardinex-labels-${query.size}.pdf`).type('application/pdf').send(pdf);
    },
  };
}
