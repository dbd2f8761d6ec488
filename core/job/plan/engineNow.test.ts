import { madeDead, strippedStep, stripped } from '@cardinex/demo/intakeStory';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import type { Storyteller } from '@cardinex/demo/storyteller';
import { stripNext } from '../cards/strip/view';
import { openedFor, sheetIn } from '../tests/intake';
import { lastAt, stateOf } from '../tests/story';
import { trayOf } from '../tray';
import { engineNow } from './engineNow';

const now = (story: Storyteller) => {
  const state = stateOf(story);
  const tray = trayOf(tolvane44, state, lastAt(story));
  return engineNow(sheetIn(story, tolvane44), state, tray, lastAt(story));
};

it('shows what is off, what is next and what waits, and leads to the card of each', () => {
  const story = madeDead(openedFor(tolvane44, { kind: 'gasket' }), tolvane44);
  const hose = stripNext(sheetIn(story, tolvane44), stateOf(story), '');
  if (hose) strippedStep(story, hose.group, hose.step);
  const { standing, cardOf } = now(story);
  const pieces = ['breather-hose/1', 'rocker-cover/1', 'head/1', 'crank/1'];
  expect(pieces.map(standing)).toEqual(['off', 'next', 'waits', 'on']);
  expect(pieces.map((id) => cardOf(id)?.card)).toEqual(['fit', 'strip', 'strip', undefined]);
});

it('shows, once it is apart, what goes on next and what is on again', () => {
  const story = stripped(madeDead(openedFor(tolvane44, { kind: 'gasket' }), tolvane44), tolvane44);
  for (const card of ['parts', 'inspect', 'covering'] as const)
    story.act('card.left-out', { card, words: 'elsewhere' });
  expect(['push-rod/E1', 'rocker-shaft/1'].map(now(story).standing)).toEqual(['next', 'off']);
  story.act('check.seen', {
    check: 'fit/push-rod',
    item: 'push-rod/E1',
    step: 'on',
    found: 'good',
  });
  expect(now(story).standing('push-rod/E1')).toBe('on');
  expect(now(story).cardOf('head/1')).toMatchObject({ card: 'tighten', set: { id: 'head' } });
});
