import { useWindowDimensions } from 'react-native';

/** From this width tray, front and back stand side by side. */
const WIDE_PX = 1000;

export function useWide(): boolean {
  return useWindowDimensions().width >= WIDE_PX;
}
