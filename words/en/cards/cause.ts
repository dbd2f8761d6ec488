import type { Cause } from '@cardinex/core/job/facts/cause';
import type { Evidence } from '@cardinex/core/job/causeEvidence';
import type { JobSheet } from '@cardinex/core/job/scope';
import { checkItemName, checkName } from '../checkNames';
import { checkOf } from '@cardinex/core/job/checks/allChecks';
import { referenceName } from '../pieces';
import { withinSentence } from '../sentence';
import { patternShort } from './shells';

const CAUSES: Readonly<Record<Cause, string>> = {
  'clamp-lost': 'Bolts lost their pull',
  gasket: 'The gasket itself',
  'liner-height': 'Liners stood wrong',
  'not-flat': 'A face was not flat',
  cracked: 'Cracked',
  'cooling-lost': 'Cooling lost',
  'oil-starved': 'Starved of oil',
  dirt: 'Dirt',
  fuelling: 'Fuel, or its timing',
  corroded: 'Eaten by water',
  'part-broke': 'A part broke',
  'worn-out': 'Worn out by its hours',
  'last-work': 'The last work on it',
  'from-outside': 'From outside it',
  'not-found': 'Not found',
  other: 'Something else',
};

/** What made an engine fail. */
export function causeName(cause: Cause): string {
  return CAUSES[cause];
}

/** Something found on a job that speaks for a cause. */
export function evidenceSentence(sheet: JobSheet, evidence: Evidence): string {
  switch (evidence.from) {
    case 'check':
      return `${checkItemName(sheet, evidence.check, evidence.item)}: not as it should be.`;
    case 'shells': {
      const check = checkOf(sheet, evidence.check);
      return `${check ? checkName(sheet, check) : ''}: ${patternShort(evidence.code)}.`;
    }
    case 'piece': {
      const name = referenceName(sheet.whole, evidence.piece);
      return evidence.words === undefined
        ? `${name}: damaged.`
        : `${name}: damaged, ${withinSentence(evidence.words)}`;
    }
    case 'liners':
      return 'Liners out of their limits.';
  }
}

export const causeWords = {
  asked: 'Why it came',
  answer: 'What made it fail?',
  found: 'Found on this job',
  foundSays: 'It speaks for a cause. It does not decide it.',
  words: 'In a few words',
  wordsHint: 'what failed, and why',
  mended: 'What was done so that it does not again?',
  mendedHint: 'hose renewed, thermostat tried in hot water',
  keep: 'That was it',
  needWords: 'Say what the cause was; where none was found, where you looked.',
  needBecause: 'Choose what made it fail.',
  answered: 'Answered',
  back: [
    'A gasket seldom fails of itself. What made it fail will do so again unless it is found.',
    'What was seen or heard is why it came. What made it so is asked here.',
    'A job does not close until this has an answer.',
  ],
} as const;
