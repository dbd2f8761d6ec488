/** The app on the home screen of a device. */
export const installWords = {
  title: 'On this device’s home screen',
  why: 'It opens like any other app, fills the screen, and the browser is less likely to clear what it keeps.',
  byHand:
    'In the browser’s share menu choose “Add to Home Screen”. It opens like any other app, and the browser is less likely to clear what it keeps.',
  install: 'Put it there',
  later: 'Not now',
} as const;
