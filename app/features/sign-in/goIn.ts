import { router } from 'expo-router';
import { setPreferences } from '../../device/preferences';

/** Leaves the sign-in for the board, with someone at the bench. */
export function goIn(memberId: string, unproved: boolean): void {
  setPreferences({ member: memberId, unproved });
  router.replace('/');
}
