import { kitOf } from '../kit';

/** English, as it is written where comma and point are not mixed up: day before month, 24 hours. */
export const {
  fixed,
  upTo,
  list,
  plural,
  counted,
  ordinal,
  atStart,
  timeOfDay,
  timeToSecond,
  date,
  longDay,
  moment,
} = kitOf('en-GB');
