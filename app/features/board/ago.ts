import { formatDistanceStrict } from 'date-fns/formatDistanceStrict';

/** How long ago, in words: "18 minutes". */
export function ago(iso: string): string {
  return formatDistanceStrict(new Date(iso), new Date());
}
