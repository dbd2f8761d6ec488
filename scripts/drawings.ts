import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { paints } from '../app/ui/drawing/paints';
import { FACES, ON_PAPER, type Paint } from '../drawings/paint';
import { svgText } from '../drawings/svgText';
import { sampleDrawings } from '../drawings/tests/samples';
import { sampleGlyphs } from '../drawings/tests/samples/marks';
import type { Drawing, Face } from '../drawings/shape';
import { faceFile } from '../server/pdf/document';
import { browserArguments } from './browser';
import { chromium as chromiumPath } from './debian';

/**
 * All drawings on one page in each theme and on paper: `npm run drawings` writes test-results/drawings.html
 * and a picture of it for each, to be looked at after a drawing was changed.
 */
const folder = path.resolve('test-results');
function faceRule([face, family]: [string, string]): string {
  const file = readFileSync(faceFile(face as Face)).toString('base64');
  return `@font-face{font-family:"${family}";src:url(data:font/ttf;base64,${file})}`;
}

function figureOf(caption: string, drawing: Omit<Drawing, 'kind'>, paint: Paint): string {
  return `<figure>${svgText(drawing, paint)}<figcaption>${caption}</figcaption></figure>`;
}

function sectionOf(id: string, paint: Paint): string {
  const { paper, ink } = paint.colours;
  const glyphs = sampleGlyphs().map(({ name, frame, shapes }) =>
    figureOf(name, { description: name, frame, shapes }, paint),
  );
  const drawings = sampleDrawings().map((drawing) =>
    figureOf(`${drawing.kind}: ${drawing.description}`, drawing, paint),
  );
  return `<section id="${id}" style="background:${paper};color:${ink}">${drawings.join('')}<div>${glyphs.join('')}</div></section>`;
}

const STYLE = `${Object.entries(FACES).map(faceRule).join('')}
  section { display: grid; grid-template-columns: repeat(6, 1fr); gap: 12px; padding: 12px }
  figure { margin: 0; font: 12px sans-serif } svg { width: 100%; height: auto; max-height: 230px }
  section > div { display: flex; flex-wrap: wrap; gap: 12px; grid-column: 1 / -1 }
  section > div svg { width: 56px }`;

mkdirSync(folder, { recursive: true });
const sections = Object.entries({ ...paints, paper: ON_PAPER });
const page = path.join(folder, 'drawings.html');
writeFileSync(
  page,
  `<!doctype html><meta charset="utf-8"><title>Drawings</title><style>${STYLE}</style>${sections
    .map(([name, paint]) => sectionOf(name, paint))
    .join('')}`,
);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: browserArguments });
const tab = await browser.newPage({ viewport: { width: 1600, height: 1000 } });
await tab.goto(`file://${page}`);
for (const [name] of sections) {
  await tab.locator(`#${name}`).screenshot({ path: path.join(folder, `drawings-${name}.png`) });
}
await browser.close();
console.log(page);
