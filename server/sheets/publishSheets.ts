import { UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import type { DocumentFault } from '@cardinex/contract/faults';
import { readSheet } from '@cardinex/contract/sheets/readSheet';
import { canonicalJson } from '@cardinex/core/job/chain';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { publishWords } from '@cardinex/words/sheets/publish';
import { Sheet } from '../database/models';
import { ProblemError } from '../problems/problem';
import { sha256 } from '../sha256';

/** The hash a job pins its sheet by. */
function sheetHash(sheet: EngineSheet): string {
  return sha256(canonicalJson(sheet));
}

/**
 * Publishes sheets, all or none. A revision that stands already with the same content is left as it
 * is, so that sending a file twice is harmless.
 * @param by the member who answers for them
 * @throws ProblemError 422 with every fault of every sheet; 409 when a revision stands with other content
 */
export async function publishSheets(
  sequelize: Sequelize,
  shopId: string,
  by: string,
  documents: readonly unknown[],
): Promise<readonly SheetRevision[]> {
  const several = documents.length > 1;
  const sheets: EngineSheet[] = [];
  const faults: DocumentFault[] = [];
  documents.forEach((document, place) => {
    const { sheet, faults: found, sound } = readSheet(document);
    if (sheet && sound) sheets.push(sheet);
    const at = several ? `sheets[${place}]` : '';
    for (const fault of found) {
      if (sound) continue;
      const inside = [at, fault.at].filter(Boolean).join('.');
      faults.push({ ...fault, at: inside });
    }
  });
  if (sheets.length < documents.length) throw new SheetFaults(faults);
  try {
    return await sequelize.transaction(async (transaction) => {
      const published: SheetRevision[] = [];
      for (const sheet of sheets) {
        published.push(await publishOne(shopId, by, sheet, transaction));
      }
      return published;
    });
  } catch (error) {
    if (!(error instanceof UniqueConstraintError)) throw error;
    throw new ProblemError(409, 'revision-taken');
  }
}

async function publishOne(
  shopId: string,
  by: string,
  sheet: EngineSheet,
  transaction: Transaction,
): Promise<SheetRevision> {
  const { id: sheetId, revision } = sheet;
  const hash = sheetHash(sheet);
  const newest = await Sheet.findOne({
    where: { shopId, sheetId },
    order: [['revision', 'DESC']],
    raw: true,
    transaction,
  });
  if (newest && newest.revision >= revision) {
    const same =
      newest.revision === revision
        ? newest
        : await Sheet.findOne({ where: { shopId, sheetId, revision }, raw: true, transaction });
    if (same?.hash === hash) return { hash, sheet };
    throw new ProblemError(409, 'revision-taken', publishWords.taken(newest.revision), 'revision');
  }
  if (newest && sheet.note === undefined) {
    throw new SheetFaults([{ at: 'note', says: publishWords.needNote, bars: true }]);
  }
  await Sheet.create(
    { shopId, sheetId, revision, hash, document: sheet, publishedAt: new Date(), publishedBy: by },
    { transaction },
  );
  return { hash, sheet };
}

/** A sheet that cannot be published, and everything that is wrong with it. */
class SheetFaults extends ProblemError {
  constructor(readonly faults: readonly DocumentFault[]) {
    const [first] = faults.filter((fault) => fault.bars);
    super(422, 'sheet-faults', publishWords.faults(first?.at ?? '', first?.says ?? ''), first?.at);
  }

  override toBody(requestId?: string) {
    return { ...super.toBody(requestId), faults: [...this.faults] };
  }
}
