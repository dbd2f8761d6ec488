import { useState } from 'react';
import { View } from 'react-native';
import type { Drawing } from '@cardinex/drawings/shape';
import { drawingTitles, drawingWords as w } from '@cardinex/words/drawn/titles';
import { saveFile } from '../saveFile';
import { Button } from '../Button';
import { Body, Heading, Small } from '../Words';

const FORMATS = ['svg', 'png'] as const;
type Format = (typeof FORMATS)[number];

/** Drawings by name, each saved by one tap; nothing where nothing is drawn. */
export function SaveDrawings({ drawings }: { readonly drawings: () => readonly Drawing[] }) {
  const [failed, setFailed] = useState(false);
  const save = (nth: number, format: Format): void => {
    const drawing = drawings()[nth];
    if (!drawing) return;
    setFailed(false);
    saved(drawing, format).catch(() => setFailed(true));
  };
  const listed = drawings();
  if (listed.length === 0) return null;
  return (
    <View className="no-print gap-2" testID="save-drawings">
      <Heading level={3}>{w.title(listed.length)}</Heading>
      {listed.map(({ kind, subject }, nth) => (
        <View key={nth} className="flex-row items-center gap-3">
          <View className="min-w-0 flex-1">
            <Body>{drawingTitles[kind]}</Body>
            {subject === undefined ? null : <Small>{subject}</Small>}
          </View>
          {FORMATS.map((format) => (
            <Button
              key={format}
              label={w.formats[format]}
              name={w.save(drawingTitles[kind], subject, w.formats[format])}
              onPress={() => save(nth, format)}
            />
          ))}
        </View>
      ))}
      {failed ? <Body role="alert">{w.failed}</Body> : null}
    </View>
  );
}

async function saved(drawing: Drawing, format: Format): Promise<void> {
  // Asked for when it is wanted: few are ever saved.
  const { svgFile, pngFile } = await import('./savePicture');
  const file = await (format === 'svg' ? svgFile(drawing) : pngFile(drawing));
  saveFile(`${nameOf(drawing)}.${format}`, file);
}

/** "head-map-rocker-shaft-bolts" */
function nameOf({ kind, subject = '' }: Drawing): string {
  const named = `${kind} ${subject}`.toLowerCase().match(/[\p{L}\p{N}]+/gu);
  return (named ?? [kind]).join('-');
}
