import { LONGEST_DOTS } from '@cardinex/contract/photographs';

interface MadeSmall {
  readonly picture: Blob;
  readonly small: Blob;
  readonly sha256: string;
}

/**
 * A picture as it is kept: drawn anew from its dots, upright and no larger than is needed to see what
 * failed. What a camera writes beside the dots (place, owner) is not drawn, and so is gone.
 * @throws Error when this device cannot read it as a picture
 */
export async function madeSmall(file: Blob): Promise<MadeSmall> {
  const whole = await createImageBitmap(file);
  const picture = await drawn(whole, LONGEST_DOTS.full, 0.82);
  const small = await drawn(whole, LONGEST_DOTS.small, 0.7);
  whole.close();
  const hash = await crypto.subtle.digest('SHA-256', await picture.arrayBuffer());
  const sha256 = [...new Uint8Array(hash)]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('');
  return { picture, small, sha256 };
}

async function drawn(whole: ImageBitmap, longest: number, quality: number): Promise<Blob> {
  const scale = Math.min(1, longest / Math.max(whole.width, whole.height));
  const width = Math.max(1, Math.round(whole.width * scale));
  const height = Math.max(1, Math.round(whole.height * scale));
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('nothing to draw a picture on');
  context.drawImage(whole, 0, 0, width, height);
  return canvas.convertToBlob({ type: 'image/jpeg', quality });
}
