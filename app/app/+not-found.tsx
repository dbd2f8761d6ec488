import { router } from 'expo-router';
import { shared } from '@cardinex/words/en/screens';
import { Notice } from '../ui/Notice';

export default function NotFoundScreen() {
  return (
    <Notice text={shared.notFound} action={shared.toBoard} onAction={() => router.replace('/')} />
  );
}
