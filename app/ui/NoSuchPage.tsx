import { router } from 'expo-router';
import { shared } from '@cardinex/words/screens';
import { Notice } from './Notice';

/** What stands at an address that leads nowhere. */
export function NoSuchPage() {
  return (
    <Notice text={shared.notFound} action={shared.toBoard} onAction={() => router.replace('/')} />
  );
}
