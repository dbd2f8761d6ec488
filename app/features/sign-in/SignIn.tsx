import { useQuery } from '@tanstack/react-query';
import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { client } from '@cardinex/contract/client';
import type { CrewMember, Instance } from '@cardinex/contract/session/session';
import { roleNames, shared, signInWords } from '@cardinex/words/screens';
import { setPreferences, usePreferences } from '../../device/preferences';
import { queryClient } from '../../session/queryClient';
import { useSessionState, type AtTheBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { NoStorage } from '../../session/NoStorage';
import { Notice } from '../../ui/Notice';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { Body, Small } from '../../ui/Words';
import { NewDevice } from './NewDevice';
import { SecretEntry } from './SecretEntry';
import { BarRow } from '../../ui/BarRow';

/** Who is at the bench: the shop once, then a tile and a PIN; on a new device, a name and a PIN. */
export function SignIn() {
  const state = useSessionState();
  if (state === 'loading') return <Notice text={shared.loading} />;
  if (state === 'no-storage') return <NoStorage />;
  if (state === 'no-server') {
    const again = (): void => void queryClient.refetchQueries();
    return <Notice text={signInWords.noServer} action={shared.tryAgain} onAction={again} />;
  }
  return <ChooseMember bench={state} />;
}

function ChooseMember({ bench }: { bench: AtTheBench }) {
  const { shop: remembered } = usePreferences();
  const shop = bench.session?.shop.slug ?? remembered;
  const [member, setMember] = useState<CrewMember | null>(null);
  if (!shop) return <ChooseShop instance={bench.instance} />;
  if (member) {
    return <SecretEntry shop={shop} member={member} bench={bench} onBack={() => setMember(null)} />;
  }
  return <CrewTiles shop={shop} bench={bench} onChoose={setMember} />;
}

function ChooseShop({ instance }: { instance: Instance }) {
  return (
    <Screen
      header={<ScreenHeader title={signInWords.whichShop} hint={signInWords.whichShopHint} />}
    >
      <View className="gap-3">
        {instance.shops.map(({ slug, name, place }) => (
          <Button
            key={slug}
            label={name}
            hint={place}
            tall
            onPress={() => setPreferences({ shop: slug, member: null })}
          />
        ))}
      </View>
    </Screen>
  );
}

interface TilesProps {
  readonly shop: string;
  readonly bench: AtTheBench;
  readonly onChoose: (member: CrewMember) => void;
}

function CrewTiles({ shop, bench, onChoose }: TilesProps) {
  const crew = useQuery({ queryKey: ['crew', shop], queryFn: () => client.crew(shop) });
  if (crew.data?.crew === null && !bench.session) return <NewDevice shop={shop} bench={bench} />;
  const members = crew.data?.crew ?? bench.session?.crew ?? [];
  const shopName = bench.instance.shops.find((s) => s.slug === shop)?.name ?? '';
  return (
    <Screen
      header={<ScreenHeader title={signInWords.title} hint={shopName} />}
      actBar={
        <BarRow>
          <Button
            label={shared.bench}
            kind="bench"
            tall
            onPress={() => router.push('/bench')}
            className="flex-1"
          />
          {bench.session ? null : (
            <Button
              label={signInWords.otherShop}
              kind="bench"
              tall
              onPress={() => setPreferences({ shop: null, member: null })}
              className="flex-1"
            />
          )}
        </BarRow>
      }
    >
      {crew.isError && members.length === 0 ? (
        <Body className="p-4 text-on-bench">{signInWords.noServer}</Body>
      ) : null}
      <View className="gap-3">
        {members.map((member) => (
          <Tile key={member.id} member={member} onPress={() => onChoose(member)} />
        ))}
      </View>
    </Screen>
  );
}

function Tile({ member, onPress }: { member: CrewMember; onPress: () => void }) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      className="min-h-[76px] flex-row items-center gap-4 rounded-lg border border-rule bg-card px-4 py-2 active:opacity-80"
    >
      <View
        className="h-14 w-14 items-center justify-center rounded-full border-2 border-ink"
        aria-hidden
      >
        <Text className="font-head text-heading text-ink">{member.initials}</Text>
      </View>
      <View className="flex-1">
        <Text className="font-head text-title text-ink">{member.name}</Text>
        <Small>{roleNames[member.role]}</Small>
      </View>
    </Pressable>
  );
}
