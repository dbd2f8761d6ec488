import { useEffect, useState, type PropsWithChildren, type ReactNode } from 'react';
import { Pressable, ScrollView, Text, View } from 'react-native';
import type { CardName } from '@cardinex/core/job/tray';
import { shared } from '@cardinex/words/en/screens';
import { Heading, Small } from '../../ui/Words';
import { useScreenAwake } from '../../ui/useScreenAwake';
import { useWide } from '../../ui/useWide';
import { JobHeader } from './JobHeader';
import { JobNotices } from './JobNotices';
import { TabStrip } from './TabStrip';
import { TrayList } from './TrayList';
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
  readonly actBar?: ReactNode;
  /** Said below the card: the last thing done. */
  readonly foot?: ReactNode;
  /** Laid over the screen when open. */
  readonly slip?: ReactNode;
}

const TRAY = 'tray-beside';

/** A card in hand: on a phone its front or its back; on a wide screen tray, front and back side by side. */
export function CardFrame(props: PropsWithChildren<Props>) {
  useScreenAwake();
  return useWide() ? <WideCard {...props} /> : <PhoneCard {...props} />;
}

function PhoneCard({
  card,
  set,
  title,
  aside,
  back,
  actBar,
  foot,
  slip,
  children,
}: PropsWithChildren<Props>) {
  const [turned, setTurned] = useState(false);
  const showsBack = turned && back !== undefined;
  return (
    <View role="main" className="mx-auto h-full w-full max-w-[560px] bg-bench">
      <JobHeader card={card} />
      <TabStrip card={card} set={set} />
      <ScrollView className="flex-1" contentContainerClassName="px-2.5 pb-3">
        <View className="print-sheet rounded-lg rounded-tl-none border border-rule bg-card">
          <Title
            title={showsBack ? shared.backOfCard : title}
            aside={showsBack ? undefined : aside}
          />
          {showsBack ? <View className="p-3.5">{back}</View> : children}
        </View>
        <View className="no-print flex-row items-start justify-between gap-2 px-1 pt-1.5">
          <View className="flex-1">{foot}</View>
          {back === undefined ? null : (
            <TurnCard turned={showsBack} onTurn={() => setTurned(!turned)} />
          )}
        </View>
        <JobNotices />
      </ScrollView>
      {actBar ? <View className="no-print px-2.5 pb-3 pt-1">{actBar}</View> : null}
      {slip}
    </View>
  );
}

function WideCard({
  card,
  set,
  title,
  aside,
  back,
  actBar,
  foot,
  slip,
  children,
}: PropsWithChildren<Props>) {
  const { sheet } = useJob();
  // A long tray is taller than the screen: the card in hand is kept in sight.
  useEffect(() => {
    const current = document.querySelector(`#${TRAY} [aria-current]`);
    current?.scrollIntoView({ block: 'nearest' });
  }, [card, set]);
  return (
    <View role="main" className="h-full bg-bench">
      <JobHeader card={card} />
      <View className="flex-1 flex-row pb-3 pl-3 pr-3.5">
        <ScrollView nativeID={TRAY} className="no-print w-[208px] flex-none">
          <TrayList card={card} set={set} narrow />
        </ScrollView>
        <View className="flex-[1.15]">
          <ScrollView
            role="region"
            aria-label={title}
            tabIndex={0}
            className="print-sheet flex-1 rounded-lg bg-card"
          >
            <Title title={title} aside={aside} />
            {children}
          </ScrollView>
          <View className="no-print px-1 pt-1">{foot}</View>
          {actBar ? <View className="no-print pt-2">{actBar}</View> : null}
        </View>
        <View className="no-print ml-3.5 flex-1">
          {back === undefined ? null : (
            <ScrollView
              role="region"
              aria-label={shared.backOfCard}
              tabIndex={0}
              className="flex-1 rounded-lg bg-card"
            >
              <Title title={shared.backOfCard} aside={shared.sheetRevision(sheet.revision)} />
              <View className="p-4">{back}</View>
            </ScrollView>
          )}
          <JobNotices />
        </View>
      </View>
      {slip}
    </View>
  );
}

function Title({ title, aside }: { title: string; aside?: string | undefined }) {
  return (
    <View className="min-h-[48px] flex-row items-center justify-between gap-2 border-b border-rule px-3.5 py-2">
      <Heading level={2} className="shrink text-[21px]">
        {title}
      </Heading>
      {aside ? <Small>{aside}</Small> : null}
    </View>
  );
}

function TurnCard({ turned, onTurn }: { turned: boolean; onTurn: () => void }) {
  return (
    <Pressable role="button" onPress={onTurn} className="min-h-[44px] justify-center px-2">
      <Text className="font-strong text-[16px] text-on-bench">
        {turned ? shared.turnBack : shared.turnCard} ⟲
      </Text>
    </Pressable>
  );
}
