import { Router } from 'express';
import { z } from 'zod';
import { uuid } from '@cardinex/contract/text';
import { marksOf } from '@cardinex/core/job/cards/mark/view';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import type { JobCache } from '../jobs/jobCache';
import { openJob } from '../jobs/openJob';
import { parse } from '../problems/problem';
import { signedIn } from '../session/session';
import { LABEL_SIZES, labelsPdf } from './labelsPdf';

const query = z.strictObject({ size: z.enum(LABEL_SIZES).default('sheet') });

/** Tags for the parts of a job, as a PDF. */
export function labelRoutes(cache: JobCache): Router {
  const routes = Router();
  routes.get('/jobs/:id/labels.pdf', async (request, response) => {
    const { shopId } = signedIn(request);
    const id = parse(uuid, request.params.id);
    const { size } = parse(query, request.query);
    const { state, sheet: pinned } = await openJob(cache, shopId, id);
    const sheet = sheetOfJob(pinned.sheet, state);
    const origin = `${request.protocol}://${request.get('host') ?? ''}`;
    const pdf = await labelsPdf({
      marks: marksOf(sheet),
      sheet,
      job: state.opened?.name ?? '',
      serial: state.opened?.serial ?? '',
      size,
      addressOf: (mark) => `${origin}/jobs/${id}/mark?part=${encodeURIComponent(mark.id)}`,
    });
    response.attachment(`cardinex-labels-${size}.pdf`).type('application/pdf').send(pdf);
  });
  return routes;
}
