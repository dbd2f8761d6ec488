import { ReckoningFault, type FaultAt } from '@cardinex/core/quantity/reckoningFault';

/** What a worker says: how far it is, what it found, or what cannot be worked with. */
export type WorkReply<Found> =
  { readonly share: number } | { readonly found: Found } | { readonly fault: FaultAt };

/** Makes a worker of a reckoning: every message is an input, and answered. */
export function serveWork<Input, Found>(
  work: (input: Input, onShare: (share: number) => void) => Found,
): void {
  const reply = (message: WorkReply<Found>): void => self.postMessage(message);
  self.onmessage = ({ data: input }: MessageEvent<Input>) => {
    try {
      reply({ found: work(input, (share) => reply({ share })) });
    } catch (error) {
      if (!(error instanceof ReckoningFault)) throw error;
      const { field, fault } = error;
      reply({ fault: { field, fault } });
    }
  };
}
