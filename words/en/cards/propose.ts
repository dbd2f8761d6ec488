/** A value the manual does not print. */
export const proposeWords = {
  title: 'A value could be assumed',
  stage: (stage: number, group: string, torque: string, percent: number) =>
    `Stage ${stage}, ${group}: ${torque}, ${percent} % of what such a bolt bears.`,
  assumed:
    'Reckoned from thread, strength and treatment at usual friction. Ask the maker first: a value of theirs comes before this one.',
  take: 'Take it, marked as assumed',
  deviation: 'Torque assumed from size, strength and treatment',
  cannot:
    'Thread, strength grade or treatment is missing too, so that none can be proposed. Enter the value on the sheet.',
} as const;
