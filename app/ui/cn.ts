import { twMerge } from 'tailwind-merge';

/** Class names put together, the absent ones left out; of two that contradict, the later counts. */
export function cn(...names: (string | false | null | undefined)[]): string {
  return twMerge(names);
}
