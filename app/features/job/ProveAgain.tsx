import { useState } from 'react';
import { View } from 'react-native';
import { AnsweredProblem } from '@cardinex/contract/client';
import { shared, signInWords } from '@cardinex/words/screens';
import { useBench } from '../../session/SessionProvider';
import { useSignIn } from '../../session/useSignIn';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';

/** An override needs a fresh proof of who lets it stand: the PIN or passphrase once more, online. */
export function ProveAgain({ onProved }: { onProved: () => void }) {
  const { session, member } = useBench();
  const [secret, setSecret] = useState('');
  const signIn = useSignIn(onProved);
  const { error } = signIn;
  const prove = (): void =>
    signIn.mutate(
      { shop: session.shop.slug, member: member.id, secret },
      { onError: () => setSecret('') },
    );
  const fault = error
    ? error instanceof AnsweredProblem
      ? error.problem.detail
      : shared.away
    : undefined;
  const ask = member.secretKind === 'pin' ? signInWords.pin : signInWords.passphrase;
  return (
    <View className="gap-3">
      <Field
        label={ask(member.name)}
        secureTextEntry
        value={secret}
        onChangeText={setSecret}
        onSubmitEditing={prove}
        fault={fault}
      />
      <Button label={signInWords.prove} onPress={prove} />
    </View>
  );
}
