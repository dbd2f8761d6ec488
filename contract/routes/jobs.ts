import { z } from 'zod';
import { batchSchema } from '../acts/act';
import { outcomesSchema } from '../acts/outcome';
import { boardSchema } from '../jobs/board';
import { jobLogSchema, overhaulsSchema } from '../jobs/job';
import { jobRecordSchema } from '../jobs/record';
import { LABEL_SIZES } from '../labels';
import { uuid } from '../text';
import { byId } from './params';
import { routes } from './route';

const byPhotograph = byId.extend({ photograph: uuid });

export const jobRoutes = routes({
  'GET /api/jobs': {
    operationId: 'readBoard',
    tag: 'jobs',
    summary: 'The board: open jobs and the newest finished ones',
    who: 'crew',
    query: z.strictObject({
      finishedBefore: z
        .string()
        .max(80)
        .describe('What was answered as moreFinished, for the finished jobs before those')
        .exactOptional(),
    }),
    answer: boardSchema,
  },
  'GET /api/jobs/{id}': {
    operationId: 'readJob',
    tag: 'jobs',
    summary: 'A job: its log and its pinned sheet',
    who: 'crew',
    params: byId,
    answer: jobLogSchema,
  },
  'POST /api/jobs/{id}/acts': {
    operationId: 'recordActs',
    tag: 'jobs',
    summary: 'Send acts in order; each is answered by itself. The first of a new job opens it',
    who: 'crew',
    params: byId,
    body: batchSchema,
    answer: outcomesSchema,
  },
  'GET /api/jobs/{id}/overhauls': {
    operationId: 'listOverhauls',
    tag: 'jobs',
    summary: 'What earlier jobs found of the gaps of the same engine',
    who: 'crew',
    params: byId,
    answer: overhaulsSchema,
  },
  'GET /api/jobs/{id}/record.json': {
    operationId: 'downloadRecord',
    tag: 'jobs',
    summary: 'A job as a file to keep and to check',
    who: 'crew',
    params: byId,
    answer: jobRecordSchema,
  },
  'GET /api/jobs/{id}/after-heat.ics': {
    operationId: 'readAfterHeat',
    tag: 'jobs',
    summary: 'When what is pulled after heat may be pulled',
    who: 'crew',
    params: byId,
    gives: 'text/calendar',
  },
  'GET /api/jobs/{id}/labels.pdf': {
    operationId: 'printLabels',
    tag: 'jobs',
    summary: 'Tags for the parts of a job',
    who: 'crew',
    params: byId,
    query: z.strictObject({
      size: z.enum(LABEL_SIZES).default('sheet').describe('A sheet of tags, or a roll of them'),
    }),
    gives: 'application/pdf',
  },
  'GET /api/jobs/{id}/order.pdf': {
    operationId: 'printOrder',
    tag: 'jobs',
    summary: 'What is to be ordered for a job',
    who: 'crew',
    params: byId,
    gives: 'application/pdf',
  },
  'GET /api/jobs/{id}/photographs/{photograph}': {
    operationId: 'readPhotograph',
    tag: 'jobs',
    summary: 'A photograph',
    who: 'crew',
    params: byPhotograph,
    query: z.strictObject({ size: z.enum(['small', 'full']).default('full') }),
    gives: 'image/jpeg',
  },
  'PUT /api/jobs/{id}/photographs/{photograph}': {
    operationId: 'keepPhotograph',
    tag: 'jobs',
    summary: 'The picture of a photograph the job tells of (photograph.taken), 3 MB at most',
    who: 'crew',
    params: byPhotograph,
    takes: 'image/jpeg',
  },
  'GET /api/jobs/{id}/live': {
    operationId: 'listen',
    tag: 'jobs',
    summary: 'Server-sent events: each new event with its seq as id, from Last-Event-ID on',
    who: 'crew',
    params: byId,
    query: z.strictObject({
      after: z
        .string()
        .max(20)
        .describe('The last event had, for whoever cannot send Last-Event-ID')
        .exactOptional(),
    }),
    gives: 'text/event-stream',
  },
});
