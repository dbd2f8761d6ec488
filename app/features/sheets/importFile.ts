import { AnsweredProblem, client } from '@cardinex/contract/client';
import type { DocumentFault } from '@cardinex/contract/faults';
import { queryClient } from '../../session/queryClient';

type Document = Readonly<Record<string, unknown>>;

/** What became of a file: published, or what stood in the way, with the document to be put right. */
export type Imported =
  | { readonly kind: 'published'; readonly names: readonly string[] }
  | {
      readonly kind: 'refused';
      readonly faults: readonly DocumentFault[];
      readonly document: Document | null;
    }
  | { readonly kind: 'not-json'; readonly document: null }
  | { readonly kind: 'no-answer'; readonly document: Document | null };

/** Reads a file of one sheet, or a list of them, and publishes all or none. */
export async function importFile(file: File, by: string): Promise<Imported> {
  const parsed = jsonOf(await file.text());
  if (parsed === undefined) return { kind: 'not-json', document: null };
  const sheets = Array.isArray(parsed) ? (parsed as unknown[]) : [parsed];
  const [only] = sheets;
  const document =
    sheets.length === 1 && typeof only === 'object' && only !== null ? (only as Document) : null;
  try {
    const { sheets: published } = await client.publishSheets({ by, sheets });
    await queryClient.invalidateQueries({ queryKey: ['sheets'] });
    return { kind: 'published', names: published.map(({ sheet }) => sheet.name) };
  } catch (error) {
    if (!(error instanceof AnsweredProblem)) return { kind: 'no-answer', document };
    const { faults, detail, field = '' } = error.problem;
    return {
      kind: 'refused',
      faults: faults ?? [{ at: field, says: detail, bars: true }],
      document,
    };
  }
}

/** Undefined for what is not JSON. */
function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
