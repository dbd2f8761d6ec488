import { useEffect } from 'react';
import { usePreferences } from '../device/preferences';
import { palettes, type Palette } from './palette';

/** The colours of the theme in use, for drawings; screens take them through their class names. */
export function usePalette(): Palette {
  return palettes[usePreferences().theme];
}

/** Puts the theme's colours onto the page, where the class names find them. */
export function useThemeOnPage(): void {
  const palette = usePalette();
  useEffect(() => {
    const { style } = document.documentElement;
    for (const [token, value] of Object.entries(palette)) {
      if (typeof value === 'string') style.setProperty(`--${dashed(token)}`, channels(value));
    }
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', palette.bench);
  }, [palette]);
}

function dashed(token: string): string {
  return token.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
}

/** "#1C4E92" as "28 78 146". */
function channels(hex: string): string {
  return [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)).join(' ');
}
