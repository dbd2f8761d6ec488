import { oneEntry, type Card } from '../../kit/card';
import { DONE, openFor } from '../../standing';
import { capsOneByOne } from './caps';
import { bearingNext, bearingViews } from './view';

/** Main bearings with the crank in its place: one cap off, shells out and in, cap on and pulled, then the next. */
export const bearingsCard: Card<'bearings'> = {
  name: 'bearings',
  canBeLeftOut: true,
  places: ['journals', 'fastenedSets'],
  entries: ({ sheet }) => oneEntry('bearings', capsOneByOne(sheet).length > 0),
  stands: ({ sheet, state, now }) => {
    const views = bearingViews(sheet, state, now);
    const next = bearingNext(views);
    if (!next) return DONE;
    const done = views.filter(({ step }) => step === null).length;
    return openFor({
      code: next.open ? 'bearing-open' : 'bearing-next',
      bearing: next.cap.bearing,
      done,
      total: views.length,
    });
  },
};
