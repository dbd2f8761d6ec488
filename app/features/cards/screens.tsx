import { useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { CheckCard } from '@cardinex/core/job/checks/check';
import { AfterHeatCard } from '../after-heat/AfterHeatCard';
import { BearingsCard } from '../bearings/BearingsCard';
import { CauseCard } from '../cause/CauseCard';
import { ChecksCard } from '../checks/ChecksCard';
import { DeadCard } from '../dead/DeadCard';
import { FitCard } from '../fit/FitCard';
import { LinersCard } from '../liners/LinersCard';
import { LinersPart } from '../liners/LinersPart';
import { MarkCard } from '../mark/MarkCard';
import { PartsCard } from '../parts/PartsCard';
import { PistonsCard } from '../pistons/PistonsCard';
import { PumpCard } from '../pump/PumpCard';
import { RecheckCard } from '../recheck/RecheckCard';
import { StandOutCard } from '../stand-out/StandOutCard';
import { StripCard } from '../strip/StripCard';
import { TightenCard } from '../tighten/TightenCard';
import { TimingCard } from '../timing/TimingCard';
import { ValvesCard } from '../valves/ValvesCard';
import { NoSuchPage } from '../../ui/NoSuchPage';

/** Which of a card's screens is asked for, by what stands behind its address. */
interface Asked {
  /** A check of it. */
  readonly check: string | undefined;
  /** A fastened set. */
  readonly set: string | undefined;
  /** A part of it, or of the engine. */
  readonly part: string | undefined;
}

/** A card that is a list of checks and no more. */
function checks(
  card: Exclude<CheckCard, 'liners' | 'tighten' | 'fit' | 'bearings'>,
): ComponentType<Asked> {
  return function ChecksScreen({ check }) {
    return <ChecksCard card={card} check={check} />;
  };
}

/** The screen of each card. One that is missing does not compile. */
const SCREENS: { readonly [N in CardName]: ComponentType<Asked> } = {
  dead: () => <DeadCard />,
  mark: ({ part }) => <MarkCard key={part ?? ''} part={part} />,
  strip: () => <StripCard />,
  parts: () => <PartsCard />,
  inspect: checks('inspect'),
  bores: checks('bores'),
  liners: ({ part, check }) =>
    part === undefined && check === undefined ? (
      <LinersCard />
    ) : (
      <LinersPart part={part} check={check} />
    ),
  shells: checks('shells'),
  bearings: ({ check }) => <BearingsCard check={check} />,
  crank: checks('crank'),
  pistons: ({ check }) => <PistonsCard check={check} />,
  timing: ({ check }) => <TimingCard check={check} />,
  'stand-out': ({ check }) => <StandOutCard check={check} />,
  'head-build': checks('head-build'),
  fit: ({ set }) => <FitCard key={set ?? ''} set={set} />,
  tighten: ({ set }) => <TightenCard key={set ?? ''} set={set} />,
  valves: () => <ValvesCard />,
  pump: () => <PumpCard />,
  recheck: () => <RecheckCard />,
  'after-heat': ({ set }) => <AfterHeatCard key={set ?? ''} set={set} />,
  cause: () => <CauseCard />,
};

function hasScreen(name: string): name is CardName {
  return Object.hasOwn(SCREENS, name);
}

/** The screen of the card named in the address, and of what stands behind it. */
export function CardScreen() {
  const { card, check, set, part } = useLocalSearchParams<
    { card: string } & { [K in keyof Asked]?: string }
  >();
  if (!hasScreen(card)) return <NoSuchPage />;
  const Screen = SCREENS[card];
  return <Screen key={card} check={check} set={set} part={part} />;
}
