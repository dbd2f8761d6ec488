import { orderList } from '@cardinex/core/job/cards/parts/orderList';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { ORDER_HEAD, orderRows, partsWords } from '@cardinex/words/cards/parts';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import type { Handlers } from '../routes/handler';
import { orderPdf } from './orderPdf';

/** What is to be ordered for a job, as a PDF. */
export function orderHandlers(cache: JobCache): Handlers<'GET /api/jobs/{id}/order.pdf'> {
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
  };
}
