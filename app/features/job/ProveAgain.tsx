import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { AnsweredProblem, client } from '@cardinex/contract/client';
import { shared, signInWords } from '@cardinex/words/en/screens';
import { queryClient } from '../../session/queryClient';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';

/** An override needs a fresh proof of who lets it stand: the PIN or passphrase once more, online. */
export function ProveAgain({ onProved }: { onProved: () => void }) {
  const { session, member } = useBench();
  const [secret, setSecret] = useState('');
  const prove = useMutation({
    mutationFn: () => client.signIn({ shop: session.shop.slug, member: member.id, secret }),
    onSuccess: (proved) => {
      queryClient.setQueryData(['session'], proved);
      onProved();
    },
    onError: () => setSecret(''),
  });
  const { error } = prove;
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
        onSubmitEditing={() => prove.mutate()}
        fault={fault}
      />
      <Button label={signInWords.prove} onPress={() => prove.mutate()} />
    </View>
  );
}
