export const photographWords = {
  title: 'Photographs',
  tab: 'Photographs',
  count: (count: number) => `${count} taken`,
  none: 'None yet. What failed is photographed before it is wiped: in order, with a word on what is to be seen.',
  says: 'What is to be seen?',
  saysHint: 'e.g. gasket between 2 and 3, fire side',
  needSays: 'Say what is to be seen: a picture without a word helps nobody.',
  take: 'Photograph',
  takeHint: 'one or several',
  making: (done: number, total: number) => `${done} of ${total} made small enough to keep`,
  notAPicture: (name: string) => `${name} is not a picture this device can read.`,
  notSent: 'on this device',
  notSentCount: (count: number) =>
    count === 1
      ? '1 photograph is on this device only. It goes out when the network is back.'
      : `${count} photographs are on this device only. They go out when the network is back.`,
  refused: 'the server would not take it',
  larger: (sentence: string) => `Larger: ${sentence}`,
  of: (count: number) => (count === 0 ? 'Photograph it' : `Photographs of it: ${count}`),
  all: 'All of the job',
  back: [
    'Pictures are made smaller on this device, and what a camera writes into them about place and owner is left out.',
    'What failed is kept, in order, and photographed before it is cleaned.',
  ],
} as const;
