export const causeWords = {
  asked: 'Why it came',
  answer: 'What was the cause?',
  words: 'In a few words',
  wordsHint: 'what failed, why, and what was done so that it does not again',
  keep: 'That was it',
  needWords: 'Say what the cause was.',
  needBecause: 'Choose the path.',
  answered: 'Answered',
  back: [
    'A gasket seldom fails of itself. What made it fail will do so again unless it is found.',
    'A job does not close until this has an answer.',
  ],
} as const;
