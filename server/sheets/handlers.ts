import type { Sequelize } from 'sequelize';
import { readSheet } from '@cardinex/contract/sheets/readSheet';
import { mayPublish } from '@cardinex/core/job/roles';
import { Sheet } from '../database/models';
import { ProblemError } from '../problems/problem';
import { JsonText, type Handlers } from '../routes/handler';
import { memberOn } from '../session/proofs';
import { sheetPdf } from './sheetPdf';
import { publishSheets } from './publishSheets';
import { newestSheets, sheetRevision } from './sheets';

export function sheetHandlers(
  sequelize: Sequelize,
): Handlers<
  | 'GET /api/sheets'
  | 'POST /api/sheets'
  | 'POST /api/sheets/check'
  | 'GET /api/sheets/{sheet}'
  | 'GET /api/sheets/{sheet}/{revision}'
  | 'GET /api/sheets/{sheet}/{revision}/drawings.pdf'
  | 'GET /api/sheets/{sheet}/{revision}/engine-sheet.json'
> {
  return {
    'GET /api/sheets': async ({ who }) => ({ sheets: await newestSheets(who.shopId) }),

    'POST /api/sheets': async ({ who, body: { by, sheets } }) => {
      const { role } = await memberOn(who, by);
      if (!mayPublish(role)) throw new ProblemError(403, 'may-not-publish', undefined, 'by');
      return { sheets: await publishSheets(sequelize, who.shopId, by, sheets) };
    },

    'POST /api/sheets/check': ({ body }) => {
      const { faults, sound } = readSheet(body);
      return Promise.resolve({ faults, sound });
    },

    'GET /api/sheets/{sheet}': async ({ who: { shopId }, params: { sheet: sheetId } }) => {
      const rows = await Sheet.findAll({
        where: { shopId, sheetId },
        order: [['revision', 'DESC']],
        raw: true,
      });
      if (rows.length === 0) throw new ProblemError(404, 'no-such-sheet');
      return {
        revisions: rows.map(({ revision, document, publishedAt, publishedBy }) => ({
          revision,
          note: document.note ?? null,
          publishedAt: publishedAt.toISOString(),
          publishedBy,
        })),
      };
    },

    'GET /api/sheets/{sheet}/{revision}': ({ who, params }) => revisionAsked(who.shopId, params),

    'GET /api/sheets/{sheet}/{revision}/drawings.pdf': async ({ who, params, response }) => {
      const { sheet } = await revisionAsked(who.shopId, params);
      const pdf = await sheetPdf(sheet);
      response
        .attachment(`${sheet.id}-rev-${sheet.revision}.pdf`)
        .type('application/pdf')
        .send(pdf);
    },

    'GET /api/sheets/{sheet}/{revision}/engine-sheet.json': async ({ who, params, response }) => {
      const { sheet } = await revisionAsked(who.shopId, params);
      response.attachment(`${sheet.id}-rev-${sheet.revision}.json`);
      return new JsonText(JSON.stringify(sheet, null, 2));
    },
  };
}

async function revisionAsked(
  shopId: string,
  { sheet, revision }: { readonly sheet: string; readonly revision: number },
) {
  const found = await sheetRevision(shopId, sheet, revision);
  if (!found) throw new ProblemError(404, 'no-such-sheet');
  return found;
}
