import { extendTailwindMerge } from 'tailwind-merge';
import typeScale from './typeScale.json';

const merge = extendTailwindMerge({
  // Without it `text-small` would be taken for a colour, and thrown out by `text-soft` beside it.
  extend: { classGroups: { 'font-size': [{ text: Object.keys(typeScale) }] } },
});

/** Class names put together, the absent ones left out; of two that contradict, the later counts. */
export function cn(...names: (string | false | null | undefined)[]): string {
  return merge(names);
}
