import { z } from 'zod';
import {
  checkedSheetSchema,
  publishSchema,
  publishedRevisionSchema,
  publishedSheet,
  sheetRevisionSchema,
  sheetRevisionsSchema,
} from '../sheets/revisions';
import { byRevision, bySheet } from './params';
import { routes } from './route';

export const sheetRoutes = routes({
  'GET /api/sheets': {
    operationId: 'listSheets',
    tag: 'sheets',
    summary: 'The newest revision of each sheet',
    who: 'crew',
    answer: sheetRevisionsSchema,
  },
  'POST /api/sheets': {
    operationId: 'publishSheets',
    tag: 'sheets',
    summary: 'Publish engine sheets, all or none; every fault is named',
    who: 'crew',
    body: publishSchema,
    answer: sheetRevisionsSchema,
  },
  'POST /api/sheets/check': {
    operationId: 'checkSheet',
    tag: 'sheets',
    summary: 'What is wrong with a sheet, without publishing it',
    who: 'crew',
    body: z.unknown().describe('An engine sheet, finished or not'),
    answer: checkedSheetSchema,
  },
  'GET /api/sheets/{sheet}': {
    operationId: 'listRevisions',
    tag: 'sheets',
    summary: 'The revisions of a sheet, newest first',
    who: 'crew',
    params: bySheet,
    answer: z.strictObject({ revisions: z.array(publishedRevisionSchema) }),
  },
  'GET /api/sheets/{sheet}/{revision}': {
    operationId: 'readRevision',
    tag: 'sheets',
    summary: 'One revision of a sheet',
    who: 'crew',
    params: byRevision,
    answer: sheetRevisionSchema,
  },
  'GET /api/sheets/{sheet}/{revision}/drawings.pdf': {
    operationId: 'printDrawings',
    tag: 'sheets',
    summary:
      'The drawings of one revision with its orders and values, to hang up beside the engine',
    who: 'crew',
    params: byRevision,
    gives: 'application/pdf',
  },
  'GET /api/sheets/{sheet}/{revision}/engine-sheet.json': {
    operationId: 'downloadRevision',
    tag: 'sheets',
    summary: 'One revision as a file',
    who: 'crew',
    params: byRevision,
    answer: publishedSheet,
  },
});
