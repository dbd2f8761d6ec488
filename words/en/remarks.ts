/** Remarks to see to later. */
export const remarksWords = {
  title: 'To see to later',
  make: 'Something to see to later',
  what: 'What is it, and where?',
  whatHint: 'e.g. chafed hose behind the filter',
  need: 'Say what it is.',
  keep: 'Keep it',
  made: (who: string, when: string) => `${who}, ${when}`,
  on: (card: string) => `on ${card}`,
  seenTo: 'Seen to',
  seenToTitle: 'What was done about it?',
  accept: 'Leave it as it is',
  acceptTitle: 'Why may it stay as it is?',
  needWhy: 'Say in a few words why: it stands in the record.',
  isSeenTo: 'seen to',
  isAccepted: 'left as it is',
  bars: 'The job closes once each is seen to, or left as it is by somebody who says why.',
} as const;
