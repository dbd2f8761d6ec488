/** What would happen if: two ways to tighten one deck. */
export const clampWords = {
  title: 'What would happen if',
  back: [
    'Every pull squeezes the joint a little more beside it, and the neighbours pulled before lose load. From one end to the other the first ones lose most; from the middle outwards the middle does.',
    'A middle stage loads all of them before the last, so that the last has less to squeeze. The last value pulled once more takes up what the neighbours lost.',
    'A torque scatters because friction does; a turn past the seat scatters less, a jack least.',
  ],
  cannot:
    'The sheet says too little of these fasteners to try them out: thread, treatment and values.',
  plans: { a: 'One way', b: 'Another' },
  order: 'Order',
  orders: {
    own: 'Its own',
    spiral: 'Spiral',
    cross: 'Across',
    rows: 'Rows',
    along: 'End to end',
  },
  stages: 'Stages',
  stageChoices: { own: 'Its own', one: 'All in one pull', again: 'Last one twice' },
  interaction: 'A neighbour loses',
  decay: 'Falls off within',
  scatter: 'Scatter',
  scatterHint: 'by method',
  drawAgain: 'Draw other bolts',
  stated: (trials: number) =>
    `${trials} decks tried. Stated, not measured: what a pull costs its neighbour, how far that reaches, and how widely each way of tightening scatters (torque 15 %, angle 6 %, jacks 3 %, one standard deviation). It compares; it sets no wrench.`,
  afterStage: 'After stage',
  outcome: (stage: number, least: string, most: string, spread: string) =>
    `After stage ${stage}: ${least} to ${most} on average; ${spread} between tightest and slackest of one deck.`,
  deck: (title: string, bolts: string) => `${title}, deck from above. ${bolts}.`,
  work: {
    working: 'Trying both ways',
    cancel: 'Stop',
    cancelled: 'Stopped.',
    broke: 'It could not be tried out here.',
    again: 'Try again',
  },
} as const;
