import type { ComponentType } from 'react';
import type { CardName } from '@cardinex/core/job/trayReason';
import type { CheckCard } from '@cardinex/core/job/checks/check';
import {
  LazyAfterHeatCard,
  LazyCauseCard,
  LazyChecksCard,
  LazyDeadCard,
  LazyLinersCard,
  LazyLinersPart,
  LazyMarkCard,
  LazyPartsCard,
  LazyPumpCard,
  LazyRecheckCard,
  LazyStandOutCard,
  LazyStripCard,
  LazyTightenCard,
  LazyTimingCard,
  LazyValvesCard,
} from './LazyCards';

/** Which of a card's screens is asked for, by what stands behind its address. */
export interface Asked {
  /** A check of it. */
  readonly check: string | undefined;
  /** A fastened set. */
  readonly set: string | undefined;
  /** A part of it, or of the engine. */
  readonly part: string | undefined;
}

/** A card that is a list of checks and no more. */
function checks(card: Exclude<CheckCard, 'liners' | 'tighten'>): ComponentType<Asked> {
  return function ChecksScreen({ check }) {
    return <LazyChecksCard card={card} check={check} />;
  };
}

/** The screen of each card, each loaded when the first of them is opened. One that is missing does not compile. */
export const SCREENS: { readonly [N in CardName]: ComponentType<Asked> } = {
  dead: () => <LazyDeadCard />,
  mark: ({ part }) => <LazyMarkCard key={part ?? ''} part={part} />,
  strip: () => <LazyStripCard />,
  parts: () => <LazyPartsCard />,
  inspect: checks('inspect'),
  bores: checks('bores'),
  liners: ({ part, check }) =>
    part === undefined && check === undefined ? (
      <LazyLinersCard />
    ) : (
      <LazyLinersPart part={part} check={check} />
    ),
  shells: checks('shells'),
  crank: checks('crank'),
  pistons: checks('pistons'),
  timing: ({ check }) => <LazyTimingCard check={check} />,
  'stand-out': ({ check }) => <LazyStandOutCard check={check} />,
  'head-build': checks('head-build'),
  tighten: ({ set }) => <LazyTightenCard key={set ?? ''} set={set} />,
  valves: () => <LazyValvesCard />,
  pump: () => <LazyPumpCard />,
  recheck: () => <LazyRecheckCard />,
  'after-heat': ({ set }) => <LazyAfterHeatCard key={set ?? ''} set={set} />,
  cause: () => <LazyCauseCard />,
};

export function hasScreen(name: string): name is CardName {
  return Object.hasOwn(SCREENS, name);
}
