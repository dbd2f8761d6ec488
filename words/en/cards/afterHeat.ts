/** A set pulled again once the engine has been hot. */
export const afterHeatWords = {
  title: 'After heat',
  heatFirst: 'Run it to working heat first.',
  wasHot: 'It was at working heat',
  runAgain: 'It was run again',
  words: 'How long, under what load, what it showed',
  hint: 'e.g. an hour at half load, 82 °C',
  keep: 'Keep it',
  notBefore: (when: string) => `Not before ${when}`,
  heated: (when: string, who: string, words: string) => `At working heat ${when}, ${who}: ${words}`,
  calendar: 'Put it in a calendar',
  event: (set: string, job: string) => `${set} again after heat: ${job}`,
  caution:
    'Hot metal and hot water: no cap off under pressure, hands away from fan and belts, exhaust led outside.',
  back: [
    'A gasket gives once it has been hot, and the bolts lose load. Pulling them again after it has cooled takes that up.',
    'One by one: none is eased before the one before it stands again, so that the head is never loose.',
    'The job stays open until this is done.',
  ],
} as const;
