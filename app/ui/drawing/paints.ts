import type { Paint } from '@cardinex/drawings/paint';
import { palettes, type Palette, type ThemeName } from '../palette';

/** A theme's colours by what they stand for in a drawing. */
function paintOf(palette: Palette): Paint {
  const { ink, soft, card, tab, rule, blue, onBlue, red, brass, green, onGreen, past, onPast } =
    palette;
  return {
    colours: {
      ink,
      soft,
      paper: card,
      tab,
      rule,
      now: blue,
      onNow: onBlue,
      stop: red,
      waiting: brass,
      within: green,
      onWithin: onGreen,
      past,
      onPast,
    },
    line: palette.stroke,
  };
}

/** What each theme makes of a drawing. */
export const paints: Readonly<Record<ThemeName, Paint>> = {
  day: paintOf(palettes.day),
  lamp: paintOf(palettes.lamp),
  glare: paintOf(palettes.glare),
};
