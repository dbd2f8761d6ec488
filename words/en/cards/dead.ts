import type { Isolation } from '@cardinex/core/job/cards/dead/checks';

const ITEMS: Readonly<Record<Isolation, string>> = {
  'controls-tagged': 'A tag hangs on the controls with a name on it.',
  'battery-off': 'Battery off, its lead tied back.',
  'ignition-earthed': 'Ignition off and earthed, plug leads pulled.',
  'fuel-shut': 'Fuel shut off.',
  'starting-air-vented': 'Starting air shut and vented; the gauge reads nothing.',
  'turning-gear-noted': 'Turning gear: it is known whether it is in, and its switch is tagged.',
  'propeller-clear': 'Propeller: nobody within its circle, and it is treated as live.',
  'air-shut': 'Gas shut at its valve and the line vented.',
  'stand-locked': 'Engine or stand locked against rolling over.',
};

/** One thing that makes an engine dead, as it is acknowledged. */
export function isolationSentence(item: Isolation): string {
  return ITEMS[item];
}

export const deadWords = {
  counts: (done: number, total: number) => `${done} of ${total}`,
  caution: 'A turned engine can fire. Hands go in only when everything here is so, and stays so.',
  confirm: 'It is so',
  done: 'Dead. Nothing turns it but you.',
  isSo: 'so',
  ask: 'Look at it, then say so',
  back: [
    'An engine that is turned by hand can fire: fuel left in a line, a charged battery, air in a starter are enough.',
    'Follow the site’s own rules for isolation, and the class or airworthiness authority where there is one. Where a permit or a licensed person is asked for, this card does not replace them.',
    'Whoever hung the tag takes it off.',
  ],
} as const;
