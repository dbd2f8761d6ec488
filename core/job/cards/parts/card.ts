import { oneEntry, type Card } from '../../kit/card';
import { DONE, openFor, waitingFor } from '../../standing';
import { kitViews } from './view';

/** Parts laid beside the old ones, and work sent out. They come when they come: the card waits. */
export const partsCard: Card<'parts'> = {
  name: 'parts',
  canBeLeftOut: true,
  places: [],
  entries: () => oneEntry('parts'),
  stands: ({ sheet, state }) => {
    const views = kitViews(sheet, state);
    const wrong = views.filter(({ standing }) => standing === 'wrong' || standing === 'missing');
    if (wrong.length > 0) return openFor({ code: 'parts-wrong', count: wrong.length }, true);
    const arrived = views.filter(({ standing }) => standing === 'right').length;
    const needed = views.filter(
      ({ item, standing }) => standing === 'to-come' && item.when !== 'if-worn',
    );
    const away = state.parts.outside.some(({ back }) => !back?.washed);
    if (needed.length === 0 && !away) return DONE;
    return waitingFor({
      code: 'parts-to-come',
      here: arrived,
      total: arrived + needed.length,
    });
  },
};
