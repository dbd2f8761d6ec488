import { router, type Href } from 'expo-router';
import type { TrayReason } from '@cardinex/core/job/trayReason';
import { registerWords } from '@cardinex/words/register';
import { trayWords } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { useJob } from './JobProvider';

/** By the code of a reason: the page of the job on which it is seen to, and what the way there is called. */
const WHERE: Readonly<
  Record<string, { readonly label: string; readonly page: string } | undefined>
> = {
  'differences-open': { label: trayWords.decide, page: 'sheet' },
  'parts-missing': { label: trayWords.openCard('parts'), page: 'parts' },
  'crank-held': { label: registerWords.title, page: 'register' },
  'temporary-parts-in': { label: registerWords.title, page: 'register' },
};

/** Is what holds a card up seen to on another page? */
export function isSeenToElsewhere({ code }: TrayReason): boolean {
  return WHERE[code] !== undefined;
}

/** The way to where it is seen to. */
export function SeeTo({ reason }: { readonly reason: TrayReason }) {
  const { jobId } = useJob();
  const where = WHERE[reason.code];
  if (!where) return null;
  return (
    <Button
      label={where.label}
      kind="expected"
      tall
      testID="confirm"
      onPress={() => router.push(`/jobs/${jobId}/${where.page}` as Href)}
    />
  );
}
