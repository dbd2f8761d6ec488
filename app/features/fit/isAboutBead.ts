import type { TrayReason } from '@cardinex/core/job/trayReason';

/** Does a bead lie open, with its time running or over? */
export function isAboutBead({ code }: TrayReason): boolean {
  return code === 'close-by' || code === 'not-closed-yet' || code === 'bead-too-old';
}
