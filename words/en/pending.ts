import { plural } from './kit';

/** What is said where a decision was made without knowing all. */
export const pendingWords = {
  title: 'Decided without knowing all',
  why: 'It has no effect until someone who sees all says whether it holds.',
  madeBy: (who: string, when: string) => `${who}, ${when}`,
  unseen: 'Not known when it was decided:',
  more: (count: number) => `and ${count} more`,
  holds: 'It holds',
  drop: 'Drop it',
  confirmed: (what: string) => `Holds: ${what}`,
  dropped: (what: string) => `Dropped: ${what}`,
  decision: 'a decision',
  waits: 'no effect yet: decided without knowing all',
  heldAfterAll: 'confirmed',
  wasDropped: 'dropped: no effect',
  reopens: (count: number) =>
    plural(count, { one: 'reopens a decision', other: `reopens ${count} decisions` }),
  withoutGround: 'without ground: what it rested on does not hold',
} as const;
