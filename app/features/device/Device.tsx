import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { client } from '@cardinex/contract/client';
import type { TorqueUnit } from '@cardinex/core/quantity/units';
import { keyWords } from '@cardinex/words/keys';
import { deviceWords as w, roleNames } from '@cardinex/words/screens';
import { setPreferences, setUnits, usePreferences, useUnits } from '../../device/preferences';
import { queryClient } from '../../session/queryClient';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { PageBar } from '../../ui/PageBar';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { KeySlip } from '../../ui/hand/KeyHelp';
import { useWide } from '../../ui/useWide';
import { cn } from '../../ui/cn';
import { Body, Heading, Small } from '../../ui/Words';
import { ForgetDevice } from './ForgetDevice';
import { InstallHint } from './InstallHint';
import { InstrumentFields } from './InstrumentFields';
import { KeptActs } from './KeptActs';
import { RoomLeft } from './RoomLeft';
import { useKeptActs } from './useKeptActs';

const TORQUES: readonly TorqueUnit[] = ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m'];

/** This device: who is at it, how it looks and speaks, and what it still keeps. */
export function Device() {
  const { session, member } = useBench();
  const { theme, speech } = usePreferences();
  const units = useUnits();
  const stored = useKeptActs();
  const [held, setHeld] = useState(false);
  const [keys, setKeys] = useState(false);
  const wide = useWide();
  const half = cn('gap-4 rounded-lg bg-card p-4', wide && 'min-w-0 flex-1');
  const signOut = (): void => {
    if (stored.length > 0) return setHeld(true);
    void client.signOut().finally(() => {
      setPreferences({ member: null });
      queryClient.setQueryData(['session'], null);
      router.replace('/sign-in');
    });
  };
  return (
    <Screen
      wide={wide}
      header={<ScreenHeader title={w.title} />}
      actBar={<PageBar onBack={() => router.replace('/')} />}
    >
      <View className={wide ? 'flex-row items-start gap-3.5' : 'gap-3.5'}>
        <View className={half}>
          <View className="flex-row items-center justify-between gap-3">
            <View className="shrink">
              <Small>
                {w.signedIn} · {session.shop.name}
              </Small>
              <Heading level={2}>{member.name}</Heading>
              <Small>{roleNames[member.role]}</Small>
            </View>
            <Button label={w.switchTo} onPress={() => router.push('/sign-in')} />
          </View>
          <Choice
            label={w.light}
            value={theme}
            options={(['day', 'lamp', 'glare'] as const).map((value) => ({
              value,
              label: w.themes[value],
            }))}
            onChange={(value) => setPreferences({ theme: value })}
          />
          <Choice
            label={w.lengths}
            value={units.length}
            options={(['mm', 'thou'] as const).map((value) => ({ value, label: value }))}
            onChange={(length) => setUnits({ length })}
          />
          <Choice
            label={w.torques}
            value={units.torque}
            options={TORQUES.map((value) => ({ value, label: value }))}
            onChange={(torque) => setUnits({ torque })}
          />
          <Choice
            label={w.pressures}
            value={units.pressure}
            options={(['bar', 'psi'] as const).map((value) => ({ value, label: value }))}
            onChange={(pressure) => setUnits({ pressure })}
          />
          <Choice
            label={w.speech}
            value={speech ? 'on' : 'off'}
            options={[
              { value: 'off', label: w.off },
              { value: 'on', label: w.on },
            ]}
            onChange={(value) => setPreferences({ speech: value === 'on' })}
          />
          <Button label={keyWords.show} onPress={() => setKeys(true)} />
        </View>
        <View className={half}>
          <InstallHint />
          <InstrumentFields />
          <KeptActs kept={stored} />
          <RoomLeft />
          <View className="gap-2 border-t border-rule pt-3">
            {held && stored.length > 0 ? <Body className="text-red">{w.signOutKept}</Body> : null}
            <Button label={w.signOut} kind="stop" onPress={signOut} />
            <ForgetDevice kept={stored.length} />
          </View>
        </View>
      </View>
      {keys ? <KeySlip onCard onClose={() => setKeys(false)} /> : null}
    </Screen>
  );
}
