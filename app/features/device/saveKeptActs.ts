import type { KeptAct } from '../../ledger/kept';
import { saveFile } from '../../ui/saveFile';

/** Hands the browser a file of acts that are not in the server's log, to be kept or handed on. */
export function saveKeptActs(acts: readonly KeptAct[]): void {
  const content = JSON.stringify({ format: 'cardinex-kept-acts', version: 1, acts }, null, 2);
  saveFile('cardinex-kept-acts.json', new Blob([content], { type: 'application/json' }));
}
