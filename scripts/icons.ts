import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';

/** Draws the app's icons from `icon.svg`, for devices that take no SVG: `npm run icons`. */
const folder = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../app/public');
const icon = readFileSync(path.join(folder, 'icon.svg'), 'utf8');

/** Whatever shape a device cuts out, four fifths across the middle are left; its corners are filled. */
const maskable = icon
  .replace('viewBox="0 0 64 64"', 'viewBox="-5 -5 74 74"')
  .replace(
    /<rect [^>]*\/>/,
    (rect) => `<rect x="-5" y="-5" width="74" height="74" fill="${fillOf(rect)}" />`,
  );

const ICONS = [
  { name: 'icon-192.png', svg: icon, size: 192 },
  { name: 'icon-512.png', svg: icon, size: 512 },
  { name: 'icon-maskable-512.png', svg: maskable, size: 512 },
  { name: 'icon-touch-180.png', svg: maskable, size: 180 },
];

function fillOf(rect: string): string {
  return /fill="([^"]*)"/.exec(rect)?.[1] ?? 'none';
}

for (const { name, svg, size } of ICONS) {
  await sharp(Buffer.from(svg), { density: 1200 })
    .resize(size, size)
    .png({ palette: true })
    .toFile(path.join(folder, name));
}
