import type { TrayCard } from '@cardinex/core/job/standing';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import { cardTitle, entryWithin } from './cards/names';
import { withinSentence } from './sentence';
import { atStart, counted, plural } from './kit';
import type { Role } from '@cardinex/core/job/roles';

/** All visible text that belongs to no one card. */
export const shared = {
  product: 'Cardinex',
  bench: 'Bench',
  back: 'Back',
  cancel: 'Cancel',
  tryAgain: 'Try again',
  loading: 'Fetching the cards',
  asking: 'Asking the shop.',
  neverAnswered:
    'No answer from the shop, and this has not reached this device yet. It is asked for again by itself.',
  turnCard: 'Turn card',
  turnBack: 'Turn back',
  furtherBack: 'Further back',
  backOfCard: 'Back of the card',
  sheetRevision: (revision: number) => `Sheet rev. ${revision}`,
  cylinder1: (end: string) => `Cyl 1 · ${end} end`,
  recorded: 'What was recorded',
  nothingRecorded: 'Nothing yet.',
  keptHere: (count: number) =>
    count === 1
      ? 'Kept on this device: 1 act. It goes out when the network is back.'
      : `Kept on this device: ${count} acts. They go out when the network is back.`,
  signInToSend: (count: number) =>
    `This device's sign-in has run out. ${counted(count, { one: 'act is', other: 'acts are' })} kept here and go out once you sign in.`,
  signIn: 'Sign in',
  undo: 'Undo',
  changeUnit: (unit: string) => `${unit}: change unit`,
  notFetched: 'This part of the app is not on this device yet. It needs the network once.',
  away: 'No network. Work goes on; acts are kept on this device.',
  refusedHere: (count: number) =>
    `${counted(count, { one: 'act was', other: 'acts were' })} not accepted.`,
  see: 'See',
  speechOn: 'Speak the act',
  speechOff: 'Stop speaking',
  theme: 'Light',
  close: 'Close',
  lookAbove: (field: string) => `Not yet: look at “${field}” above.`,
  newerApp: 'A newer Cardinex is ready.',
  useIt: 'Use it now',
  notFound: 'There is no such card here.',
  toBoard: 'To the board',
  wentWrong: 'This screen fell over. Nothing you entered is lost: every act is kept.',
} as const;

export const roleNames: Readonly<Record<Role, string>> = {
  lead: 'lead',
  mechanic: 'mechanic',
  inspector: 'inspector',
  viewer: 'looks on',
};

export const signInWords = {
  title: 'Who is at the bench?',
  whichShop: 'Which shop?',
  otherShop: 'Another shop',
  pin: (name: string) => `${name}: PIN`,
  passphrase: (name: string) => `${name}: passphrase`,
  open: 'Sign in',
  rubOut: 'Rub out',
  prove: 'It is me',
  another: 'Someone else',
  noServer:
    'The server does not answer. Check that it runs and that this device is on its network.',
  unproved:
    'No network: you can go on as someone who has signed in here before. It is marked as unproved.',
  goOnAs: (name: string) => `Go on as ${name}`,
  whichShopHint: 'This device has not been used yet.',
  newDevice: 'This shop does not know this device yet. Its tiles come once somebody has signed in.',
  nameOrInitials: 'Your name or initials',
  pinOrPassphrase: 'PIN or passphrase',
  bothNeeded: 'Give your name or initials, and your PIN or passphrase.',
  wrongNameOrSecret: 'No one of this shop has that name with that PIN or passphrase. Try again.',
} as const;

export const boardWords = {
  title: 'On the stands',
  deviceOf: (initials: string, member: string) => `${initials}, ${member}: this device`,
  count: (jobs: number, rechecks: number) =>
    [
      counted(jobs, { one: 'engine', other: 'engines' }),
      ...(rechecks > 0
        ? [counted(rechecks, { one: 'recheck waiting', other: 'rechecks waiting' })]
        : []),
    ].join(' · '),
  empty: 'No engine is on a stand.',
  emptyHint: 'Put the first one up: its sheet, its serial, and why it is here.',
  put: 'Put an engine on a stand',
  finished: 'Finished',
  out: 'Out',
  toDecide: 'To decide',
  barred: 'Barred',
  leftOpen: 'Left open',
  open: 'Open',
  waiting: 'Waiting',
  done: 'Done',
  moreFinished: 'Older finished jobs',
  damaged: (jobs: number) =>
    jobs === 1
      ? 'The log of 1 job has lost its end. Nothing of it is shown until it is restored.'
      : `The logs of ${jobs} jobs have lost their ends. Nothing of them is shown until they are restored.`,
  old: 'As it was when this device last had the network.',
} as const;

export const newJobWords = {
  title: 'Put an engine on a stand',
  sheet: 'Engine sheet',
  serial: 'Serial number',
  serialHint: 'as stamped, e.g. T44-20817',
  hours: 'Running hours, if it has a clock',
  hoursHint: 'e.g. 6340',
  needHours: 'Hours in digits, as the clock shows them.',
  name: 'What you call it',
  nameHint: 'e.g. top-field baler',
  why: 'Why it is here',
  whyHint: 'what failed, by which path',
  whyMore: 'if there is more to say',
  end: (cylinder: string) => `Which end is ${cylinder}?`,
  cylinder1: 'cylinder 1',
  endOf: (end: string) => `${atStart(end)} end`,
  endWrong: (end: string) =>
    `This sheet counts from the ${end} end. Look at the engine again before numbering anything.`,
  endRight: (end: string) => `Yes: cylinder 1 is at the ${end} end.`,
  open: 'Open the job',
  needSheet: 'Choose the sheet of this engine.',
  needVariant: 'Look at the engine and answer the question above: the figures depend on it.',
  option: (
    name: string,
    seen: string | undefined,
    serials: { readonly from?: string; readonly to?: string } | undefined,
  ) => {
    const range = serials
      ? [
          serials.from === undefined ? '' : `from ${serials.from}`,
          serials.to === undefined ? '' : `to ${serials.to}`,
        ]
          .filter(Boolean)
          .join(' ')
      : '';
    return `${name}: ${[seen, range && `serials ${range}`].filter(Boolean).join('; ')}`;
  },
  needSerial: 'Enter the serial stamped on the engine.',
  needName: 'Give it a name you will know it by.',
  needWhy: 'Say why it is here: it is answered before the job closes.',
  needEnd: 'Look at the engine and choose the end cylinder 1 is at.',
  noSheets: 'The shop has no engine sheet yet. Enter one under Sheets.',
} as const;

export const trayWords = {
  toTray: 'To the tray',
  nextCard: 'Next card',
  next: 'Next',
  nothingLeft: 'All done. Nothing is left to do on this job.',
  numbered: (number: number, title: string) => `${number} ${title}`,
  group: (group: 'now' | 'waits' | 'ahead' | 'done', cards: number) =>
    `${{ now: 'Now', waits: 'Waits', ahead: 'Ahead', done: 'Done' }[group]} · ${cards}`,
  inHand: (name: string, ago: string) => `In hand: ${name}, ${ago} ago`,
  aheadCount: (cards: number) => `Ahead ${cards}`,
  doneCount: (cards: number) => `done ${cards}`,
  record: 'Record',
  sheet: (revision: number) => `Sheet rev. ${revision}`,
  why: 'Why it is here',
  openCard: (card: CardName) => `Open ${withinSentence(cardTitle(card))}`,
  openEntry: (entry: TrayCard, tray: readonly TrayCard[]) => `Open ${entryWithin(entry, tray)}`,
  decide: 'Decide it',
  noSuchCard:
    'This job has no such card: its scope or its sheet does not ask for it. “Go further” in the tray widens the scope.',
} as const;

export const linersWords = {
  seenFromAbove: 'block from above',
  place: 'Place them',
  placeHint: 'which liner where',
  readWhile: {
    'held-down': 'Each held down as the head holds it while it is read.',
    free: 'Each standing free while it is read, not held down.',
  },
  placed: 'placed',
  seals: 'Seals',
  trialFit:
    'Seals are not counted yet: a trial fit. Heights count once they are read with the seals in.',
  sealsHint: (left: number) => (left === 0 ? 'all counted' : `${left} to count`),
  profile: 'Heights',
  profileLabel: (heights: string) => `Heights along the block from the cylinder-1 end: ${heights}.`,
  planLabel: (text: string) => `Block seen from above, cylinder 1 at the left. ${text}`,
  liner: (bore: string) => `Liner ${bore}`,
  linerHeight: (bore: string, height: string) => `Liner ${bore} ${height}`,
  standOut: 'Stand-out',
  limits: (low: string, high: string) => `${low} to ${high}`,
  keep: 'Write it down',
  keepHint: (bore: string, place: string) => `liner ${bore}, ${place}`,
  next: 'next',
  accept: 'Accept the liners',
  acceptHint: 'all within',
  acceptOut: 'Accept as they are',
  acceptOutHint: 'lead only, with a reason',
  accepted: 'Liners accepted',
  acceptReason: 'Why may they stand as they are?',
  first: 'Put right first',
  within: 'All within',
  checks: 'Every check',
  sign: 'Change sign',
  tilt: 'tilt',
  mean: 'mean',
  unread: 'not read',
  allReadTap: 'All places are read. Tap a liner to read it again.',
  letters: 'A reading is digits with one comma or point, e.g. 0.08, or a fraction.',
  grouped: 'Use one decimal mark only, e.g. 0.08.',
  empty: 'Type the reading first.',
  otherUnit: 'A length is wanted here: millimetres, thou or inches.',
  beyond: (value: string, reach: string) =>
    `${value} cannot be a stand-out: the most is ${reach}. Is the decimal mark missing?`,
  beyondGap: (value: string, reach: string) =>
    `${value} cannot be a gap: the most is ${reach}. Is the decimal mark missing?`,
  whyTitle: 'Why stand-out',
  schools: {
    proud:
      'The liner must stand proud so that the head clamps it onto its ledge. Too low and gas gets past; too high, or uneven, and the gasket is crushed on one and loose on the next.',
    'on-shims':
      'Shims under the flange set how proud the liner stands, so that the head clamps it onto its ledge. The seals do not set its height.',
    flush:
      'The liner stands level with the deck; its own ring or gasket makes the seal. Uneven, and one ring is crushed while the next leaks.',
    recessed:
      'The liner stands below the deck and a ring is crushed on top of it. Too deep and the ring is not crushed; too shallow and it lifts the head. A recess is a negative reading.',
  },
  tiltText:
    'Read each liner at two to four places, seated and held down. The mean is its height; the spread is its tilt.',
  readOn: 'Read again',
  fellows: (value: string) =>
    `Far from its fellows (${value}). Kept as read; read it once more if in doubt.`,
} as const;

export const recordWords = {
  title: 'Record',
  print: 'Print',
  download: 'Download JSON',
  earlier: (acts: number) =>
    plural(acts, { one: 'Show the act before', other: `Show ${acts} acts before` }),
  stretch: (count: number, from: string, to: string) =>
    `${plural(count, { one: '1 line', other: `${count} lines` })}, ${from} to ${to}`,
  each: (count: number) => plural(count, { one: 'Which one', other: `Which ${count}` }),
  rechecks: 'Open rechecks',
  noRechecks: 'No recheck is open.',
  recheckValves: 'Valve gaps, hot: set cold from a hot figure.',
  struckBy: (who: string, time: string) => `struck by ${who}, ${time}`,
  misTap: 'mis-tap',
  kept: 'on this device',
  unproved: 'unproved',
  clock: 'clock off',
  provisional: 'provisional',
  serial: 'Serial',
  engine: 'Engine',
  opened: 'Opened',
  strike: 'Strike',
  strikeTitle: 'Strike this from the record?',
  strikeHint: 'It stays readable, struck through. Say what was wrong.',
  pulledWithout: 'made without sight of another act',
  checkable: 'Each act is chained to the one before; the download can be checked.',
} as const;

export const deviceWords = {
  instruments: 'Instruments',
  instrumentsHint: 'A wrench or a gauge that speaks for itself. Empty for none.',
  instrumentAt: {
    wrench: 'Wrench at',
    pump: 'Pump gauge at',
    encoder: 'Crank encoder at',
    scanner: 'Scanner at',
  },
  instrumentAnswers: (name: string) => `${name} answers.`,
  instrumentSilent: 'No answer yet.',
  title: 'This device',
  signedIn: 'At the bench',
  switchTo: 'Change',
  light: 'Light',
  themes: { day: 'Day', lamp: 'Lamp', glare: 'Glare' },
  lengths: 'Lengths',
  torques: 'Torques',
  pressures: 'Pressures',
  speech: 'Speak each act',
  on: 'On',
  off: 'Off',
  kept: 'Kept on this device',
  nothingKept: 'Everything has gone out.',
  notAccepted: 'Not accepted',
  exportKept: 'Download these acts',
  sendAgain: 'Send again',
  sendAgainHint: 'once what stood in the way is put right',
  otherDatabase: (acts: number) =>
    plural(acts, {
      one: 'An act of another database is kept on this device. It cannot be sent here.',
      other: `${acts} acts of another database are kept on this device. They cannot be sent here.`,
    }),
  letGo: 'Put aside',
  letGoHint: 'They stay in the download only.',
  signOut: 'Sign everyone out here',
  forget: 'Forget this device',
  forgetWhat:
    'Everything of every shop is wiped from this device: jobs, sheets, lists, and who has signed in. The shop no longer knows it.',
  forgetKept: (acts: number) =>
    plural(acts, {
      one: '1 act has not gone out and will be lost. Download it first, or wait.',
      other: `${acts} acts have not gone out and will be lost. Download them first, or wait.`,
    }),
  forgetNow: 'Wipe it now',
  forgetNot: 'Leave it as it is',
  forgetNeedsNetwork:
    'The server does not answer. It has to forget this device too, so nothing was wiped.',
  signOutKept: 'Acts are still kept here. Wait until they have gone out, or download them first.',
} as const;
