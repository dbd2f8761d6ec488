import { router } from 'expo-router';
import { View } from 'react-native';
import { parkingWords } from '@cardinex/words/parking';
import { shared } from '@cardinex/words/screens';
import { storageWords } from '@cardinex/words/storage';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { useJob } from './JobProvider';

/** Said quietly: acts kept on this device. Said plainly: acts the server did not accept. */
export function JobNotices() {
  const { jobId, state, waiting, away, refused } = useJob();
  return (
    <View className="no-print gap-2 pt-1" aria-live="polite">
      {state.parked ? (
        <View className="flex-row items-center gap-3 rounded-lg bg-card p-3">
          <View className="flex-1">
            <Mark kind="waiting" word={parkingWords.parked} />
          </View>
          <Button label={parkingWords.resume} onPress={() => router.replace(`/jobs/${jobId}`)} />
        </View>
      ) : null}
      {away === 'sign-in' ? (
        <View className="flex-row items-center gap-3 rounded-lg bg-card p-3">
          <Body className="flex-1">{shared.signInToSend(waiting)}</Body>
          <Button label={shared.signIn} onPress={() => router.push('/sign-in')} />
        </View>
      ) : null}
      {away === 'no-answer' ? (
        <Small className="px-1 text-bench-soft" testID="kept-here">
          {waiting > 0 ? shared.keptHere(waiting) : shared.away}
        </Small>
      ) : null}
      {away === 'device' ? (
        <View className="flex-row gap-2 rounded-lg border-2 border-red bg-card p-3" role="alert">
          <Mark kind="out" />
          <Body className="flex-1 font-strong">{storageWords.cannotWrite}</Body>
        </View>
      ) : null}
      {refused.length > 0 ? (
        <View className="flex-row items-center gap-3 rounded-lg bg-card p-3">
          <Body className="flex-1">{shared.refusedHere(refused.length)}</Body>
          <Button label={shared.see} onPress={() => router.push('/device')} />
        </View>
      ) : null}
    </View>
  );
}
