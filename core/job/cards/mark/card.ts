import { oneEntry, type Card } from '../../kit/card';
import { DONE, openFor } from '../../standing';
import { markViews } from './view';

/** Parts marked with where they belong. */
export const markCard: Card<'mark'> = {
  name: 'mark',
  canBeLeftOut: true,
  places: [],
  entries: () => oneEntry('mark'),
  stands: ({ sheet, state }) => {
    const views = markViews(sheet, state.marks);
    const translated = views.filter((view) => view.translated).length;
    if (translated > 0) return openFor({ code: 'marks-translated', count: translated }, true);
    const made = views.filter((view) => view.made).length;
    return made === views.length ? DONE : openFor({ code: 'to-mark', made, total: views.length });
  },
};
