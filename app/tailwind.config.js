const tokens = [
  'bench',
  'on-bench',
  'bench-soft',
  'bench-edge',
  'bench-button',
  'card',
  'tab',
  'rule',
  'ink',
  'soft',
  'blue',
  'on-blue',
  'red',
  'brass',
  'brass-fill',
  'green',
  'on-green',
  'past',
  'on-past',
];

/**
 * Colours are the theme's, set on the page by app/ui/theme; see palette.ts for their values. Sizes of type
 * are in rem, so that whoever has set larger letters in the browser gets them here too.
 */
module.exports = {
  content: ['./app/**/*.tsx', './features/**/*.tsx', './ui/**/*.tsx'],
  presets: [require('nativewind/preset')],
  // Themes are ours; without it the development build asks the browser for one, and stops.
  darkMode: 'class',
  theme: {
    colors: {
      transparent: 'transparent',
      ...Object.fromEntries(tokens.map((t) => [t, `rgb(var(--${t}) / <alpha-value>)`])),
    },
    fontSize: require('./ui/typeScale.json'),
    fontFamily: {
      head: ['BarlowSemiCondensed_700Bold'],
      label: ['BarlowSemiCondensed_600SemiBold'],
      text: ['AtkinsonHyperlegibleNext_400Regular'],
      strong: ['AtkinsonHyperlegibleNext_700Bold'],
    },
    extend: {},
  },
};
