import { ReckoningFault, type FaultAt } from '@cardinex/core/quantity/reckoningFault';
import type { ReckonName } from '@cardinex/contract/reckon/reckonings';
import { reckon } from './reckon';

export interface Question {
  readonly name: ReckonName;
  readonly input: never;
}

export type Reply =
  { readonly answer: unknown } | { readonly fault: FaultAt } | { readonly broke: string };

/** Works one question out, in a thread of its own. */
export default function replyTo({ name, input }: Question): Reply {
  try {
    return { answer: reckon(name, input) };
  } catch (error) {
    if (error instanceof ReckoningFault) {
      const { field, fault } = error;
      return { fault: { field, fault } };
    }
    return { broke: String(error) };
  }
}
