import { useCallback, useEffect, useState } from 'react';
import { Text, View } from 'react-native';
import { AnsweredProblem, NoAnswer } from '@cardinex/contract/client';
import type { CrewMember } from '@cardinex/contract/session/session';
import { shared, signInWords } from '@cardinex/words/screens';
import type { AtTheBench } from '../../session/SessionProvider';
import { useSignIn } from '../../session/useSignIn';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { Body } from '../../ui/Words';
import { goIn } from './goIn';
import { PinPad } from './PinPad';
import { BarRow } from '../../ui/BarRow';

interface Props {
  readonly shop: string;
  readonly member: CrewMember;
  readonly bench: AtTheBench;
  readonly onBack: () => void;
}

/** A PIN by big keys, or a passphrase for the lead. With no network, a member proved here before may go on. */
export function SecretEntry({ shop, member, bench, onBack }: Props) {
  const [secret, setSecret] = useState('');
  const signIn = useSignIn(() => goIn(member.id, false));
  const { isPending, mutate } = signIn;
  const memberId = member.id;
  const prove = useCallback(
    (entered: string): void =>
      mutate({ shop, member: memberId, secret: entered }, { onError: () => setSecret('') }),
    [mutate, shop, memberId],
  );
  const isPin = member.secretKind === 'pin';
  useEffect(() => {
    if (isPin && secret.length === 4 && !isPending) prove(secret);
  }, [isPin, secret, isPending, prove]);
  const unprovedOk =
    signIn.error instanceof NoAnswer && bench.session?.proved[member.id] !== undefined;
  const title = isPin ? signInWords.pin(member.name) : signInWords.passphrase(member.name);
  return (
    <Screen
      header={<ScreenHeader title={title} />}
      actBar={
        <BarRow>
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
              onPress={() => prove(secret)}
              className="min-w-[8rem] flex-[2]"
            />
          )}
        </BarRow>
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
            onSubmitEditing={() => prove(secret)}
          />
        )}
        {signIn.error ? (
          <Text role="alert" className="font-strong text-note text-red">
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
