import { parentPort } from 'node:worker_threads';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import type { ReckonName } from '@cardinex/contract/reckon/schemas';
import { reckon } from './reckon';

export interface Question {
  readonly number: number;
  readonly name: ReckonName;
  readonly input: never;
}

export type Reply =
  | { readonly number: number; readonly answer: unknown }
  | { readonly number: number; readonly fault: Pick<ReckoningFault, 'field' | 'code' | 'facts'> }
  | { readonly number: number; readonly broke: string };

parentPort?.on('message', ({ number, name, input }: Question) => {
  parentPort?.postMessage(replyTo(number, name, input));
});

function replyTo(number: number, name: ReckonName, input: never): Reply {
  try {
    return { number, answer: reckon(name, input) };
  } catch (error) {
    if (error instanceof ReckoningFault) {
      const { field, code, facts } = error;
      return { number, fault: { field, code, facts } };
    }
    return { number, broke: String(error) };
  }
}
