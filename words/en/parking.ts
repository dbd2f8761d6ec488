import { withinSentence } from './sentence';
import type { ParkedWith } from '@cardinex/core/job/facts/parked';

const DONE: Readonly<Record<ParkedWith, string>> = {
  'ports-plugged': 'Ports and passages plugged',
  'bores-oiled': 'Bores and bare faces oiled',
  'bags-labelled': 'Bags and boxes labelled',
  covered: 'Engine covered',
};

export function parkedWithName(done: ParkedWith): string {
  return DONE[done];
}

export const parkingWords = {
  park: 'Park this job',
  title: 'Park this job',
  ask: 'Left for days or weeks? Then it is left so that anyone can take it up again.',
  done: 'What was done to it',
  words: 'How was it left, and why?',
  wordsHint: 'e.g. waits for the ground crank; oiled with the green can',
  resumeBy: 'To see to first when it goes on',
  resumeHint: 'one on each line',
  needWords: 'Say in a few words how it was left.',
  doPark: 'Leave it so',
  parked: 'Parked',
  parkedSince: (ago: string, who: string) => `Parked ${ago} ago by ${who}.`,
  notDone: (what: string) => `Not done: ${withinSentence(what)}.`,
  resume: 'Take it up again',
  resumeAsk: 'See to each before anything else',
  seenTo: (what: string) => `✓ ${what}`,
  stillIn: (parts: string) => `Still in the engine: ${parts}.`,
} as const;
