import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Text, View } from 'react-native';
import { AnsweredProblem, NoAnswer, client } from '@cardinex/contract/client';
import type { CrewMember } from '@cardinex/contract/api';
import { shared, signInWords } from '@cardinex/words/en/screens';
import { queryClient } from '../../session/queryClient';
import type { AtTheBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { Body, Heading } from '../../ui/Words';
import { goIn } from './goIn';
import { PinPad } from './PinPad';

interface Props {
  readonly shop: string;
  readonly member: CrewMember;
  readonly bench: AtTheBench;
  readonly onBack: () => void;
}

/** A PIN by big keys, or a passphrase for the lead. With no network, a member proved here before may go on. */
export function SecretEntry({ shop, member, bench, onBack }: Props) {
  const [secret, setSecret] = useState('');
  const signIn = useMutation({
    mutationFn: (entered: string) => client.signIn({ shop, member: member.id, secret: entered }),
    onSuccess: (session) => {
      queryClient.setQueryData(['session'], session);
      goIn(member.id, false);
    },
    onError: () => setSecret(''),
  });
  const { isPending, mutate } = signIn;
  const isPin = member.secretKind === 'pin';
  useEffect(() => {
    if (isPin && secret.length === 4 && !isPending) mutate(secret);
  }, [isPin, secret, isPending, mutate]);
  const unprovedOk =
    signIn.error instanceof NoAnswer && bench.session?.proved[member.id] !== undefined;
  const title = isPin ? signInWords.pin(member.name) : signInWords.passphrase(member.name);
  return (
    <Screen
      header={
        <Heading level={1} className="px-3 pb-4 pt-5 text-[28px] leading-8 text-on-bench">
          {title}
        </Heading>
      }
      actBar={
        <View className="flex-row gap-3">
          <Button
            label={signInWords.another}
            kind="bench"
            tall
            onPress={onBack}
            className="flex-1"
          />
          {isPin ? null : (
            <Button
              label={signInWords.open}
              kind="expected"
              tall
              onPress={() => mutate(secret)}
              className="flex-[2]"
            />
          )}
        </View>
      }
    >
      <View className="gap-4 rounded-lg bg-card p-4">
        {isPin ? (
          <PinPad entered={secret} onChange={setSecret} />
        ) : (
          <Field
            label={title}
            secureTextEntry
            autoFocus
            value={secret}
            onChangeText={setSecret}
            onSubmitEditing={() => mutate(secret)}
          />
        )}
        {signIn.error ? (
          <Text role="alert" className="font-strong text-[17px] text-red">
            {signIn.error instanceof AnsweredProblem
              ? signIn.error.problem.detail
              : signInWords.noServer}
          </Text>
        ) : null}
        {signIn.isPending ? <Body>{shared.loading}</Body> : null}
        {unprovedOk ? (
          <View className="gap-2">
            <Body>{signInWords.unproved}</Body>
            <Button label={signInWords.goOnAs(member.name)} onPress={() => goIn(member.id, true)} />
          </View>
        ) : null}
      </View>
    </Screen>
  );
}
