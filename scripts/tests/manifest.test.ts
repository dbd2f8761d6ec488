import { readFileSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';

// A test of the server that ran in this process before has left only the reader of photographs open.
sharp.unblock({ operation: ['VipsForeignLoad'] });

const PUBLIC = path.join(__dirname, '../../app/public');

interface Icon {
  readonly src: string;
  readonly sizes: string;
  readonly purpose?: string;
}
const { icons, ...manifest } = JSON.parse(
  readFileSync(path.join(PUBLIC, 'app.webmanifest'), 'utf8'),
) as { readonly icons: readonly Icon[] } & Record<string, unknown>;

describe('the app on a home screen', () => {
  it('is one app, whatever address it was put there from', () => {
    expect(manifest).toMatchObject({ id: '/', start_url: '/', scope: '/', display: 'standalone' });
  });

  it.each(icons.filter(({ sizes }) => sizes !== 'any'))(
    'has $src as big as it says',
    async (icon) => {
      const { width, height } = await sharp(path.join(PUBLIC, icon.src)).metadata();
      expect(`${width}x${height}`).toBe(icon.sizes);
    },
  );

  it('has an icon that fills whatever shape a device cuts out of it', async () => {
    const maskable = icons.find(({ purpose }) => purpose === 'maskable');
    const image = sharp(path.join(PUBLIC, maskable?.src ?? '')).ensureAlpha();
    const { data, info } = await image.raw().toBuffer({ resolveWithObject: true });
    const corners = [0, info.width - 1, data.length / 4 - info.width, data.length / 4 - 1];
    expect(corners.map((pixel) => [...data.subarray(pixel * 4, pixel * 4 + 4)])).toEqual(
      corners.map(() => [0x22, 0x30, 0x2e, 255]),
    );
  });
});
