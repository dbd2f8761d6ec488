import { valueIn } from '@cardinex/core/quantity/readQuantity';
import type { ActData } from '@cardinex/core/job/act';
import { topWords as w } from '@cardinex/words/cards/top';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Body } from '../../ui/Words';

/** What is being typed, by a degree wheel or by marks along the rim. */
interface StopsTyped {
  readonly way: 'wheel' | 'rim';
  readonly forward: string;
  readonly back: string;
  readonly arc: string;
}

export const NOTHING_TYPED: StopsTyped = { way: 'wheel', forward: '', back: '', arc: '' };

interface Props {
  readonly typed: StopsTyped;
  readonly onChange: (typed: StopsTyped) => void;
  /** Was it tried to keep it? Only then is said what is wrong. */
  readonly tried: boolean;
}

/** Where both stops are read. */
export function ReadStops({ typed, onChange, tried }: Props) {
  const field = (name: 'forward' | 'back' | 'arc', isRight: boolean) => (
    <Field
      label={w[name]}
      value={typed[name]}
      onChangeText={(text) => onChange({ ...typed, [name]: text })}
      inputMode="decimal"
      faulty={tried && !isRight}
    />
  );
  return (
    <>
      <Choice
        label={w.by}
        value={typed.way}
        options={[
          { value: 'wheel', label: w.wheel },
          { value: 'rim', label: w.rim },
        ]}
        onChange={(way) => onChange({ ...typed, way })}
      />
      <Body>{typed.way === 'wheel' ? w.wheelSays : w.rimSays}</Body>
      {typed.way === 'wheel' ? (
        <>
          {field('forward', onWheel(typed.forward) !== null)}
          {field('back', onWheel(typed.back) !== null)}
        </>
      ) : (
        field('arc', alongRim(typed.arc) !== null)
      )}
    </>
  );
}

/** What would be right in the fields of one way. */
export function stopsWanted({ way }: StopsTyped): string {
  return way === 'rim' ? w.notMm : w.notDegrees;
}

/** What was typed as it is recorded; null while something of it cannot be right. */
export function stopsRead({ way, forward, back, arc }: StopsTyped): ActData['top.found'] | null {
  if (way === 'rim') {
    const arcMm = alongRim(arc);
    return arcMm === null ? null : { arcMm };
  }
  const [stopForwardDeg, stopBackDeg] = [onWheel(forward), onWheel(back)];
  return stopForwardDeg === null || stopBackDeg === null ? null : { stopForwardDeg, stopBackDeg };
}

function onWheel(text: string): number | null {
  const deg = valueIn(text, 'deg');
  return deg !== null && deg >= 0 && deg <= 360 ? deg : null;
}

function alongRim(text: string): number | null {
  const mm = valueIn(text, 'mm');
  return mm !== null && mm > 0 ? mm : null;
}
