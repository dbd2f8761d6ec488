import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { AnsweredProblem } from '@cardinex/contract/client';
import { shared, signInWords as w } from '@cardinex/words/screens';
import { setPreferences } from '../../device/preferences';
import type { AtTheBench } from '../../session/SessionProvider';
import { useSignIn } from '../../session/useSignIn';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { Body } from '../../ui/Words';
import { goIn } from './goIn';
import { BarRow } from '../../ui/BarRow';

interface Props {
  readonly shop: string;
  readonly bench: AtTheBench;
}

/** The first sign-in on a device the shop does not know: it is not told who works there. */
export function NewDevice({ shop, bench }: Props) {
  const [name, setName] = useState('');
  const [secret, setSecret] = useState('');
  const [asked, setAsked] = useState(false);
  const signIn = useSignIn(({ crew, proved }) => {
    const member = crew.find(({ id }) => proved[id] !== undefined);
    if (member) goIn(member.id, false);
  });
  const isEntered = name.trim() !== '' && secret.length >= 4;
  const open = (): void => {
    setAsked(true);
    if (!isEntered || signIn.isPending) return;
    signIn.mutate({ shop, member: name.trim(), secret }, { onError: () => setSecret('') });
  };
  const shopName = bench.instance.shops.find(({ slug }) => slug === shop)?.name ?? '';
  const fault = signIn.error ? faultOf(signIn.error) : asked && !isEntered ? w.bothNeeded : null;
  return (
    <Screen
      header={<ScreenHeader title={w.title} hint={shopName} />}
      actBar={
        <BarRow>
          <Button
            label={w.otherShop}
            kind="bench"
            tall
            onPress={() => setPreferences({ shop: null, member: null })}
            className="flex-1"
          />
          <Button
            label={w.open}
            kind="expected"
            tall
            onPress={open}
            className="min-w-[8rem] flex-[2]"
          />
        </BarRow>
      }
    >
      <View className="gap-4 rounded-lg bg-card p-4">
        <Body>{w.newDevice}</Body>
        <Field
          label={w.nameOrInitials}
          autoFocus
          autoCapitalize="words"
          value={name}
          onChangeText={setName}
          faulty={asked && name.trim() === ''}
        />
        <Field
          label={w.pinOrPassphrase}
          secureTextEntry
          value={secret}
          onChangeText={setSecret}
          onSubmitEditing={open}
          faulty={asked && secret.length < 4}
        />
        {fault ? (
          <Text role="alert" className="font-strong text-note text-red">
            {fault}
          </Text>
        ) : null}
        {signIn.isPending ? <Body>{shared.loading}</Body> : null}
      </View>
      <Button
        label={shared.bench}
        kind="bench"
        onPress={() => router.push('/bench')}
        className="mt-3"
      />
    </Screen>
  );
}

function faultOf(error: Error): string {
  if (!(error instanceof AnsweredProblem)) return w.noServer;
  return error.problem.code === 'wrong-secret' ? w.wrongNameOrSecret : error.problem.detail;
}
