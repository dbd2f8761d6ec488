import { CAUSES, type Because, type Cause } from './facts/cause';

/** Must a cause be put in words? One that was chosen says it; "other" says nothing, and "not found" not where was looked. */
export function needsWords(cause: Cause | Because | undefined): boolean {
  return cause === undefined || cause === 'other' || cause === 'not-found';
}

/** What is looked for first behind each symptom. */
const BEHIND: Readonly<Record<Because, readonly Cause[]>> = {
  'gas-to-water': ['clamp-lost', 'liner-height', 'not-flat', 'gasket', 'cracked', 'cooling-lost'],
  'water-to-oil': ['gasket', 'cracked', 'corroded', 'not-flat', 'clamp-lost'],
  'oil-to-water': ['gasket', 'cracked', 'corroded', 'not-flat'],
  'water-to-cylinder': ['gasket', 'cracked', 'corroded', 'from-outside'],
  'cylinder-to-cylinder': ['clamp-lost', 'not-flat', 'gasket', 'liner-height'],
  'gas-outside': ['clamp-lost', 'not-flat', 'gasket'],
  'low-compression': ['worn-out', 'gasket', 'clamp-lost', 'part-broke'],
  overheated: ['cooling-lost', 'oil-starved', 'fuelling', 'dirt'],
  'low-oil-pressure': ['worn-out', 'oil-starved', 'dirt', 'part-broke'],
  seized: ['oil-starved', 'cooling-lost', 'part-broke', 'dirt'],
  noise: ['worn-out', 'part-broke', 'last-work', 'fuelling'],
  'dropped-valve': ['part-broke', 'last-work', 'worn-out'],
  worn: ['worn-out', 'dirt', 'oil-starved'],
  other: [],
};

/** Every cause, those that are usual behind a symptom first. */
export function causesBehind(because: Because | undefined): readonly Cause[] {
  const first = because ? BEHIND[because] : [];
  return [...first, ...CAUSES.filter((cause) => !first.includes(cause))];
}
