import { expect, type Page } from '@playwright/test';
import WebSocket from 'ws';
import type { InstrumentKind } from '../../contract/instruments/kinds';
import type { HandMessage } from '../../contract/instruments/message';
import { setHand } from './shop';
import { serveInstruments } from '../../instruments/serve';

interface HandOn {
  /** Pulls the wrench or works the pump once the screen has heard from it: before that it tells nobody. */
  readonly pull: (say?: Omit<HandMessage, 'type'>) => Promise<void>;
  /** Pulls whatever the screen shows. */
  readonly pullUnasked: (say?: Omit<HandMessage, 'type'>) => void;
  /** Pulls, and waits until the screen asks for the next pull or for none. */
  readonly pullOn: (say?: Omit<HandMessage, 'type'>) => Promise<void>;
  readonly close: () => Promise<void>;
}

/** Gives the device a stand-in of its own to listen to, and a hand on it. Before the first page opens. */
export async function handOn(
  page: Page,
  kind: InstrumentKind,
  { seed = 4 }: { readonly seed?: number } = {},
): Promise<HandOn> {
  const instruments = await serveInstruments({ port: 0, seed, sampleMs: 2 });
  const reached = { [kind]: `${instruments.address}/${kind}` };
  await page.addInitScript((addresses) => {
    const stored = JSON.parse(localStorage.getItem('cardinex.preferences') ?? '{}') as {
      instruments?: object;
    };
    const next = { ...stored, instruments: { ...stored.instruments, ...addresses } };
    localStorage.setItem('cardinex.preferences', JSON.stringify(next));
  }, reached);
  const hand = new WebSocket(`ws://${instruments.address}/${kind}`);
  await new Promise((open) => hand.once('open', open));
  const pullUnasked: HandOn['pullUnasked'] = (say = {}) =>
    hand.send(JSON.stringify({ type: 'pull', ...say }));
  const pull: HandOn['pull'] = async (say = {}) => {
    // A run says what it hears; what only counts or scans is heard wherever it is asked for.
    if (kind === 'wrench' || kind === 'pump')
      await expect(page.getByTestId('live')).toContainText('is ready');
    else await expect.poll(() => instruments.listeners(kind)).toBeGreaterThan(1);
    pullUnasked(say);
  };
  const asked = (): Promise<string> =>
    page.evaluate(() => {
      const textOf = (id: string) => document.querySelector(`[data-testid=${id}]`)?.textContent;
      const stage = /Stage \d+ of \d+/.exec(document.body.innerText)?.[0] ?? 'no stage';
      return `${stage}, ${textOf('bolt') ?? 'no bolt'}`;
    });
  return {
    pull,
    pullUnasked,
    pullOn: async (say) => {
      // Between two stages the hand is stopped until it has set what is asked.
      await setHand(page);
      const before = await asked();
      await pull(say);
      await expect.poll(asked).not.toBe(before);
    },
    close: () => {
      hand.close();
      return instruments.close();
    },
  };
}
