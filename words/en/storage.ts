import { fixed, plural } from './kit';

/** What this device could not write down, and what to do about it. */
export const storageWords = {
  title: 'Not written down',
  says: {
    full: 'This device has no room left. What you did stands nowhere yet. Make room (pictures, other sites), then try again; or send it straight to the shop’s server.',
    closed:
      'This device’s memory was closed under the app, by another tab or by the browser. What you did stands nowhere yet. Close other tabs of Cardinex and try again, or send it straight to the shop’s server.',
    failed:
      'This device would not write it down. What you did stands nowhere yet. Try again; or send it straight to the shop’s server.',
  },
  what: (count: number) =>
    plural(count, { one: 'This is not kept:', other: 'These are not kept:' }),
  again: 'Try again',
  send: 'Send it to the server',
  noAnswer: 'No answer from the server. Try again when there is a network, or download it now.',
  download: 'Download it',
  downloaded: 'Downloaded. Give the file to the lead: it can be sent in from there.',
  putAside: 'Put aside',
  putAsideHint: 'it stands in the download only',
  notDone: 'It was not done: forget it',
  cannotRead:
    'This browser keeps nothing on this device just now. Close other tabs of Cardinex, or leave private browsing, and try again.',
  cannotWrite:
    'This device cannot write down what the server has. Work goes on while the network is there; make room before it goes away.',
  typedUnkept:
    'This device does not write down what you type. Make room (pictures, other sites) and stay on this page: it is tried again with the next letter.',
  room: 'Room on this device',
  roomLeft: (bytes: number) => `About ${size(bytes)} left`,
  roomUnknown: 'This browser does not say how much room there is.',
  forGood: 'The browser keeps it even when it runs short.',
  notForGood: 'The browser may clear it when it runs short: send often.',
} as const;

function size(bytes: number): string {
  const gigabytes = bytes / 1e9;
  return gigabytes >= 1 ? `${fixed(gigabytes, 1)} GB` : `${fixed(bytes / 1e6, 0)} MB`;
}
