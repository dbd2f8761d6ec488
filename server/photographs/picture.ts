import sharp from 'sharp';
import { LONGEST_DOTS } from '@cardinex/contract/photographs';
import { ProblemError } from '../problems/problem';

/** More dots than any phone takes; a bomb of them is refused before it is unfolded. */
const MOST_DOTS = 60_000_000;

export interface Picture {
  readonly picture: Buffer;
  readonly small: Buffer;
  readonly width: number;
  readonly height: number;
}

/**
 * A picture made anew from its dots: upright, no larger than is kept, and with nothing of what a
 * camera writes beside them (place, owner, device).
 * @throws ProblemError 422 for what is no picture
 */
export async function madeAnew(sent: Buffer): Promise<Picture> {
  try {
    const upright = sharp(sent, { limitInputPixels: MOST_DOTS, failOn: 'error' }).rotate();
    const inside = (longest: number, quality: number) =>
      upright
        .clone()
        .resize({ width: longest, height: longest, fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality })
        .toBuffer({ resolveWithObject: true });
    const [large, small] = await Promise.all([
      inside(LONGEST_DOTS.full, 82),
      inside(LONGEST_DOTS.small, 70),
    ]);
    const { width, height } = large.info;
    return { picture: large.data, small: small.data, width, height };
  } catch {
    throw new ProblemError(422, 'not-a-photograph');
  }
}
