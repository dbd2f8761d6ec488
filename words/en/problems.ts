/** Answers of the server that are not about one act's content. */
export const problemWords = {
  'not-json': {
    title: 'Not readable',
    detail: 'The body must be JSON. Check for a missing bracket or comma.',
  },
  'too-large': {
    title: 'Too large',
    detail: 'The body is larger than this address takes. Send it in parts.',
  },
  'wrong-media': { title: 'Wrong kind of body', detail: 'Send the body as application/json.' },
  'not-found': { title: 'Not here', detail: 'There is nothing at this address.' },
  'no-such-photograph': {
    title: 'No such photograph',
    detail: 'This job tells of no photograph with that number.',
  },
  'other-photograph': {
    title: 'Another photograph',
    detail: 'This is not the picture the job tells of: its fingerprint differs.',
  },
  'not-a-photograph': {
    title: 'Not a photograph',
    detail: 'Send a picture as image/jpeg, 3 MB at most.',
  },
  'no-such-job': { title: 'No such job', detail: 'This shop has no job with that number.' },
  'no-such-sheet': {
    title: 'No such sheet',
    detail: 'This shop has no engine sheet of that name and revision.',
  },
  'sheet-faults': { title: 'This sheet does not add up', detail: '' },
  'revision-taken': {
    title: 'That revision stands already',
    detail:
      'Someone published that revision a moment ago. Look at it, then publish yours as the next.',
  },
  'may-not-publish': {
    title: 'Not for this role',
    detail: 'Sheets are published by a mechanic or the lead.',
  },
  'no-such-tool': { title: 'No such tool', detail: 'This shop has no such tool.' },
  'no-such-shop': {
    title: 'No such shop',
    detail: 'There is no shop of that name on this server.',
  },
  'sign-in-first': {
    title: 'Sign in first',
    detail: 'This device has no member signed in. Choose your tile and give your PIN.',
  },
  'wrong-secret': {
    title: 'That is not it',
    detail: 'The PIN or passphrase does not match. Try again.',
  },
  'too-many-tries': {
    title: 'Too many tries',
    detail: 'Wait a few minutes before trying this member again.',
  },
  'too-many-guesses': {
    title: 'Slowed down',
    detail: 'This member’s secret was given wrong many times. Try again in a moment.',
  },
  'wrong-method': {
    title: 'Not asked like that',
    detail: 'This address does not take that method. See which it does in /api/openapi.json.',
  },
  'log-damaged': {
    title: 'This log has lost its end',
    detail:
      'What the database holds of it does not end where it should. Nothing of it is shown or added until it is restored.',
  },
  'not-ready': {
    title: 'Not ready',
    detail: 'The database does not answer, or its disk is full.',
  },
  'database-away': {
    title: 'The database is silent',
    detail: 'It does not answer just now. Send this again in a moment: nothing is kept twice.',
  },
  'database-full': {
    title: 'The disk is full',
    detail: 'The database finds no room for this. Make room on the server, then send it again.',
  },
  'outcome-unknown': {
    title: 'Not known yet',
    detail:
      'The database broke off before saying whether this is kept. Send it again: nothing is kept twice.',
  },
  'act-id-taken': {
    title: 'Same number, other content',
    detail: 'An act with this id is kept already with other content. It was not changed.',
  },
  'wrong-device': {
    title: 'Another device',
    detail: 'This act names a device that is not the one sending it.',
  },
  'not-signed-in-here': {
    title: 'Not signed in here',
    detail: 'This act is in the name of a member who has not signed in on this device.',
  },
  'newer-app': {
    title: 'Made by a newer app',
    detail: 'This act is of a kind this server does not know. Update the server.',
  },
  'bad-field': { title: 'Look at this field', detail: '' },
  'reckoning-fault': { title: 'Cannot be worked out', detail: '' },
  refused: { title: 'Not accepted', detail: '' },
  busy: { title: 'Busy', detail: 'Too many reckonings are waiting. Try again in a moment.' },
  'your-share': {
    title: 'One after the other',
    detail: 'Too many reckonings from this address are waiting. Wait for their answers.',
  },
  'took-too-long': {
    title: 'Took too long',
    detail: 'This reckoning was stopped. Ask for something smaller.',
  },
  'went-wrong': {
    title: 'Something broke here',
    detail: 'The fault is ours and has been logged. What was confirmed before stays kept.',
  },
} as const;

export const problemPageWords = {
  inTheAnswer: 'The answer’s own “detail” says what is wrong, and its “field” where.',
  more: 'What the server takes is described at /api/openapi.json.',
} as const;

export type ProblemCode = keyof typeof problemWords;
