import { marksOf } from '@cardinex/core/job/cards/mark/view';
import { orderList } from '@cardinex/core/job/cards/parts/orderList';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { ORDER_HEAD, orderRows, partsWords } from '@cardinex/words/cards/parts';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import type { Handlers } from '../routes/handler';
import { orderPdf } from './orderPdf';
import { labelsPdf } from './labelsPdf';

/** Tags for the parts of a job, and what is to be ordered for it, as PDF. */
export function labelHandlers(
  cache: JobCache,
): Handlers<'GET /api/jobs/{id}/labels.pdf' | 'GET /api/jobs/{id}/order.pdf'> {
  return {
    'GET /api/jobs/{id}/order.pdf': async ({ who, params: { id }, response }) => {
      const { state, sheet: pinned } = await openJob(cache, who.shopId, id);
      const sheet = sheetOfJob(pinned.sheet, state);
      const { name = '', serial = '' } = state.opened ?? {};
      const pdf = await orderPdf({
        title: partsWords.orderTitle(name),
        engine: `${sheet.name} · ${serial}`,
        head: ORDER_HEAD,
        rows: orderRows(orderList(sheet, state), sheet),
      });
      response.attachment('cardinex-order.pdf').type('application/pdf').send(pdf);
    },
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
