import { RECKONINGS, RECKON_NAMES, type ReckonName } from '../reckon/reckonings';
import type { Route } from './route';

/** Of one reckoning, whichever it is. */
type ReckonRoute<N extends ReckonName> = Route & {
  readonly body: (typeof RECKONINGS)[N]['input'];
  readonly answer: (typeof RECKONINGS)[N]['answer'];
};

type ReckonRoutes = { readonly [N in ReckonName as `POST /api/reckon/${N}`]: ReckonRoute<N> };

/** Reckonings need no sign-in: they know nothing of any shop. */
export const reckonRoutes = Object.fromEntries(
  RECKON_NAMES.map((name): [string, Route] => {
    const { summary, input, answer, example } = RECKONINGS[name];
    return [
      `POST /api/reckon/${name}`,
      {
        operationId: name,
        tag: 'reckonings',
        summary,
        who: 'anyone',
        body: input,
        answer,
        example: { body: example },
      },
    ];
  }),
) as unknown as ReckonRoutes;
