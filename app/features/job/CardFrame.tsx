import { entryOf } from '@cardinex/core/job/kit/entryOf';
import type { TrayCard } from '@cardinex/core/job/standing';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { Drawing } from '@cardinex/drawings/shape';
import { useEffect, useState, type PropsWithChildren, type ReactNode } from 'react';
import { Pressable, ScrollView, Text, View } from 'react-native';
import { shared } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { BarRow } from '../../ui/BarRow';
import { RefusalLine, useRefusal } from '../../ui/Refusal';
import { Heading, Small } from '../../ui/Words';
import { DrawingsInSightProvider, useDrawingsInSight } from '../../ui/drawing/inSight';
import { SaveDrawings } from '../../ui/drawing/SaveDrawings';
import { useActKeys, type ActKeys } from '../../ui/hand/useActKeys';
import { SCREEN_SCROLL } from '../../ui/place/marks';
import { ScreenHeading } from '../../ui/place/ScreenHeading';
import { useScreenAwake } from '../../ui/useScreenAwake';
import { useWide } from '../../ui/useWide';
import { MakeRemark } from '../remarks/MakeRemark';
import { BeadNotice } from '../fit/BeadNotice';
import { ActBar, LeadBack, type CardActs } from './ActBar';
import { JobHeader } from './JobHeader';
import { JobNotices } from './JobNotices';
import { PutOff, PutOffNotice } from './PutOff';
import { TabStrip } from './TabStrip';
import { ToTrayButton } from './ToTrayButton';
import { TrayColumn } from './TrayColumn';
import { useJob } from './JobProvider';

interface Props {
  readonly card:
    CardName | 'register' | 'top' | 'photographs' | 'scope' | 'parking' | 'record' | 'sheet';
  /** Which fastened set, on a card that tightens one. */
  readonly set?: string;
  readonly title: string;
  readonly aside?: string;
  /** Why this is done, what goes wrong, where the figures come from, what was recorded. */
  readonly back?: ReactNode;
  /** What can be done on it, by touch and by key; nothing of it while something else is in sight. */
  readonly acts?: CardActs | null;
  /** Where nothing is to be done on it: the ways that lead on; back to the tray unless given. */
  readonly actBar?: ReactNode;
  /** Something done earlier, shown in place of the card. */
  readonly past?: Past | null;
  /** Said below the card: the last thing done. */
  readonly foot?: ReactNode;
  /** Laid over the screen when open. */
  readonly slip?: ReactNode;
}

/** Looking back: another place, where nothing can be confirmed or undone. */
interface Past {
  readonly title: string;
  readonly content: ReactNode;
  /** What one press leads back to. */
  readonly backTo: string;
  readonly onReturn: () => void;
  /** One further back. */
  readonly onFurther: () => void;
}

const TRAY = 'tray-beside';

/** A card in hand: on a phone its front or its back; on a wide screen tray, front and back side by side. */
export function CardFrame(props: PropsWithChildren<Props>) {
  return (
    <DrawingsInSightProvider>
      <Card {...props} />
    </DrawingsInSightProvider>
  );
}

function Card(props: PropsWithChildren<Props>) {
  useScreenAwake();
  const inSight = useDrawingsInSight();
  // What was drawn on the front when it was turned: its back offers it to be saved.
  const [turned, setTurned] = useState<readonly Drawing[] | null>(null);
  const { clear } = useRefusal();
  // What another card refused is not said on this one.
  useEffect(() => clear, [clear]);
  const wide = useWide();
  const showsBack = !wide && turned !== null && props.back !== undefined;
  useActKeys(keysOf(props, showsBack, () => setTurned(null)));
  return wide ? (
    <WideCard {...props} drawings={inSight} />
  ) : (
    <PhoneCard
      {...props}
      showsBack={showsBack}
      drawings={() => turned ?? []}
      onTurn={() => setTurned(turned ? null : inSight())}
    />
  );
}

/** The keys do what the bar in sight does. */
function keysOf({ acts, past }: Props, showsBack: boolean, turnBack: () => void): ActKeys {
  if (showsBack) return { confirm: turnBack };
  if (past) return { confirm: past.onReturn, lookBack: past.onFurther };
  return {
    confirm: acts?.confirm.byThumb ? undefined : acts?.confirm.onPress,
    undo: acts?.typing ? undefined : acts?.undo?.onPress,
    lookBack: acts?.lookBack,
    sayAgain: acts?.sayAgain,
  };
}

/** What can be done about what is in sight: on the card, looking back, or with its back turned up. */
function Bar({ acts, actBar, past, showsBack, onTurn }: Props & Partial<Turning>) {
  if (acts && showsBack && onTurn) return <LeadBack label={shared.turnBack} onPress={onTurn} />;
  if (past) return <LeadBack label={past.backTo} onPress={past.onReturn} />;
  if (acts) return <ActBar {...acts} />;
  return (
    <View className="gap-2">
      <RefusalLine />
      {actBar ?? (
        <BarRow>
          <ToTrayButton done={false} className="flex-1" />
        </BarRow>
      )}
    </View>
  );
}

interface Turning {
  readonly showsBack: boolean;
  readonly onTurn: () => void;
}

interface Drawn {
  /** What may be saved from the back. */
  readonly drawings: () => readonly Drawing[];
}

function PhoneCard(props: PropsWithChildren<Props & Turning & Drawn>) {
  const { card, set, title, aside, foot, slip, past, showsBack, onTurn, children } = props;
  const entry = useEntryOf(props);
  const edge = past && !showsBack ? 'border-[3px] border-past' : 'border border-rule';
  return (
    <View role="main" className="mx-auto h-full w-full max-w-[560px] bg-bench">
      <JobHeader card={card} />
      <BeadNotice />
      <TabStrip card={card} set={set} />
      <ScrollView
        nativeID={SCREEN_SCROLL}
        className="flex-1"
        contentContainerClassName="px-2.5 pb-3"
      >
        <View className={`print-sheet rounded-lg rounded-tl-none bg-card ${edge}`}>
          {past && !showsBack ? (
            <LookedBack past={past} />
          ) : (
            <>
              {showsBack ? (
                <Title title={shared.backOfCard} />
              ) : (
                <Front title={title} aside={aside} />
              )}
              {showsBack || !entry ? null : <PutOffNotice entry={entry} />}
              {showsBack ? <Back {...props} /> : children}
            </>
          )}
        </View>
        <View className="no-print flex-row items-start justify-between gap-2 px-1 pt-1.5">
          <View className="flex-1">{foot}</View>
          {props.back === undefined || past ? null : (
            <TurnCard turned={showsBack} onTurn={onTurn} />
          )}
        </View>
        <JobNotices />
      </ScrollView>
      <View className="no-print px-2.5 pb-3 pt-1">
        <Bar {...props} />
      </View>
      {slip}
    </View>
  );
}

/** The card in the tray; undefined where what is in sight is none of it. */
function useEntryOf({ card, set }: Pick<Props, 'card' | 'set'>): TrayCard | undefined {
  const { tray } = useJob();
  return entryOf(tray, { card, set });
}

/** What is said on the back, and what may be taken from the front. */
function Back({ back, drawings, ...of }: Pick<Props, 'back' | 'card' | 'set'> & Drawn) {
  const entry = useEntryOf(of);
  return (
    <View className="gap-4 p-3.5">
      {back}
      {entry?.status === 'open' ? <PutOff entry={entry} /> : null}
      {entry ? <MakeRemark entry={entry} /> : null}
      <SaveDrawings drawings={drawings} />
    </View>
  );
}

function WideCard(props: PropsWithChildren<Props & Drawn>) {
  const { card, set, title, aside, back, foot, slip, past, children } = props;
  const { sheet } = useJob();
  const entry = useEntryOf(props);
  // A long tray is taller than the screen: the card in hand is kept in sight.
  useEffect(() => {
    const current = document.querySelector(`#${TRAY} [aria-current]`);
    current?.scrollIntoView({ block: 'nearest' });
  }, [card, set]);
  return (
    <View role="main" className="h-full bg-bench">
      <JobHeader card={card} />
      <BeadNotice />
      <View className="flex-1 flex-row pb-3 pl-3 pr-3.5">
        <ScrollView nativeID={TRAY} className="no-print w-[208px] flex-none">
          <TrayColumn card={card} set={set} />
        </ScrollView>
        <View className="flex-[1.15]">
          <ScrollView
            nativeID={SCREEN_SCROLL}
            role="region"
            aria-label={past ? past.title : title}
            tabIndex={0}
            className={`print-sheet flex-1 rounded-lg bg-card ${past ? 'border-[3px] border-past' : ''}`}
          >
            {past ? (
              <LookedBack past={past} />
            ) : (
              <>
                <Front title={title} aside={aside} />
                {entry ? <PutOffNotice entry={entry} /> : null}
                {children}
              </>
            )}
          </ScrollView>
          <View className="no-print px-1 pt-1">
            {foot}
            {back === undefined ? <JobNotices /> : null}
          </View>
          <View className="no-print pt-2">
            <Bar {...props} />
          </View>
        </View>
        {back === undefined ? null : (
          <View className="no-print ml-3.5 flex-1">
            <ScrollView
              role="region"
              aria-label={shared.backOfCard}
              tabIndex={0}
              className="flex-1 rounded-lg bg-card"
            >
              <Title title={shared.backOfCard} aside={shared.sheetRevision(sheet.revision)} />
              <Back {...props} />
            </ScrollView>
            <JobNotices />
          </View>
        )}
      </View>
      {slip}
    </View>
  );
}

/** What was done earlier, under its own colour and word. */
function LookedBack({ past }: { past: Past }) {
  return (
    <View testID="looking-back">
      <View className="min-h-[48px] flex-row items-center gap-2 bg-past px-3.5 py-2">
        <Heading level={2} className="shrink text-title text-on-past">
          {past.title}
        </Heading>
      </View>
      {past.content}
      <View className="border-t border-rule p-3.5">
        <Button label={shared.furtherBack} onPress={past.onFurther} />
      </View>
    </View>
  );
}

interface Titled {
  readonly title: string;
  readonly aside?: string | undefined;
}

/** The name of the card in hand. */
function Front({ title, aside }: Titled) {
  const { state } = useJob();
  return (
    <TitleRow aside={aside}>
      <ScreenHeading
        level={2}
        title={title}
        of={state.opened?.name}
        className="shrink text-title"
      />
    </TitleRow>
  );
}

function Title({ title, aside }: Titled) {
  return (
    <TitleRow aside={aside}>
      <Heading level={2} className="shrink text-title">
        {title}
      </Heading>
    </TitleRow>
  );
}

function TitleRow({ aside, children }: PropsWithChildren<Pick<Titled, 'aside'>>) {
  return (
    <View className="min-h-[48px] flex-row items-center justify-between gap-2 border-b border-rule px-3.5 py-2">
      {children}
      {aside ? <Small>{aside}</Small> : null}
    </View>
  );
}

function TurnCard({ turned, onTurn }: { turned: boolean; onTurn: () => void }) {
  return (
    <Pressable role="button" onPress={onTurn} className="min-h-[56px] justify-center px-2">
      <Text className="font-strong text-note text-on-bench">
        {turned ? shared.turnBack : shared.turnCard} ⟲
      </Text>
    </Pressable>
  );
}
