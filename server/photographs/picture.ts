import sharp from 'sharp';
import { LONGEST_DOTS } from '@cardinex/contract/photographs';
import { ProblemError } from '../problems/problem';

// Only photographs are ever unfolded. Any other loader is one more way in: a drawing of 200 bytes may keep
// one busy for half a minute, whatever its sender calls it.
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({ operation: ['VipsForeignLoadJpeg'] });

/** How a JPEG begins: start of image, then another marker. */
const JPEG_BEGINS = Buffer.from([0xff, 0xd8, 0xff]);

/** A photograph from a phone takes a good tenth of this. */
const MOST_SECONDS = 5;

/** More dots than any phone takes; a bomb of them is refused before it is unfolded. */
const MOST_DOTS = 60_000_000;

interface Picture {
  readonly picture: Buffer;
  readonly small: Buffer;
  readonly width: number;
  readonly height: number;
}

/**
 * A picture made anew from its dots: upright, no larger than is kept, and with nothing of what a
 * camera writes beside them (place, owner, device).
 * @throws ProblemError 422 for what is no JPEG, or takes longer than one can
 */
export async function madeAnew(sent: Buffer): Promise<Picture> {
  if (!sent.subarray(0, JPEG_BEGINS.length).equals(JPEG_BEGINS))
    throw new ProblemError(422, 'not-a-photograph');
  return unfolding(() => unfolded(sent));
}

async function unfolded(sent: Buffer): Promise<Picture> {
  try {
    const upright = sharp(sent, { limitInputPixels: MOST_DOTS, failOn: 'error' }).rotate();
    const inside = (longest: number, quality: number) =>
      upright
        .clone()
        .resize({ width: longest, height: longest, fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality })
        .timeout({ seconds: MOST_SECONDS })
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

let last: Promise<unknown> = Promise.resolve();

/**
 * One picture at a time: they are unfolded on threads that the rest of the process reads files and
 * hashes with too, and is not to wait for.
 */
function unfolding<T>(work: () => Promise<T>): Promise<T> {
  const done = last.then(work, work);
  last = done.catch(() => undefined);
  return done;
}
