/** Putting a head on. */
export const coveringWords = {
  crankAgain: 'Left for a while, or turned since: prove where the crank stands again.',
  atTop: (rod: boolean, cylinder: number, deg: string) =>
    `Cylinder ${cylinder}: ${rod ? 'its piston at the top' : 'at its firing top'}, ${deg} after cylinder 1’s firing top.`,
  offTop: (deg: string, away: string) =>
    `${deg} after cylinder 1’s top: every piston at least ${away} from its top.`,
  lengthIn: (mark: string, name: string, numbers: string) => `${mark}, ${name}: ${numbers}.`,
  groupMap: (lengths: string) =>
    `Which length goes where, head from above, cylinder 1 at the left. ${lengths}`,
} as const;
