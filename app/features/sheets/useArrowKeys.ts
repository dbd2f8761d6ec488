import type { KeyboardEvent } from 'react';

interface Ways {
  readonly up: () => void;
  readonly down: () => void;
  readonly out: () => void;
}

/** What a group takes to be walked by arrow keys once it has the focus; Escape leaves what was chosen. */
export function useArrowKeys({ up, down, out }: Ways) {
  return {
    tabIndex: 0 as const,
    onKeyDown: (event: KeyboardEvent): void => {
      const act = { ArrowUp: up, ArrowDown: down, Escape: out }[event.key];
      if (!act) return;
      event.preventDefault();
      event.stopPropagation();
      act();
    },
  };
}
