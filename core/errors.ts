// The one catalogue of everything that can be refused. A code is never reused; docs/api.md lists
// them all and a test compares the two. Messages are sentences for the person at the screen and say
// what to do; {parts} in them are filled from the details.

import { GIVING_ERRORS } from './givingErrors'

export const ERRORS = {
  'request.invalid': { status: 400, message: 'This request does not make sense: {why}.' },
  'request.foreign': { status: 403, message: 'This request came from another site and was not carried out.' },
  'session.missing': { status: 401, message: 'You are signed out. Sign in to go on.' },
  'session.wrong': { status: 401, message: 'This e-mail address and password do not belong together.' },
  'session.throttled': { status: 429, message: 'Too many attempts. Try again in {wait}.' },
  'session.locked': { status: 403, message: 'This account is locked. Ask whoever runs this Hembix.' },
  'password.weak': {
    status: 422,
    message: 'This password is easy to guess: {why}. A few unrelated words make a good one.',
  },
  'account.crowded': { status: 429, message: 'Many accounts were made from here in the last hour. Try again later.' },
  'session.noDemo': { status: 404, message: 'No demo plan was set up here. Make an account instead.' },
  'account.planName': { status: 422, message: 'The plan is called “{name}”. Type it just so.' },
  'account.taken': { status: 409, message: 'There is already an account with this e-mail address. Sign in instead.' },
  notFound: { status: 404, message: 'This does not exist, or no longer does.' },
  'name.empty': { status: 422, message: 'Give it a name.' },
  'name.long': { status: 422, message: 'This name has {length} characters; at most {limit} fit.' },
  'name.slash': { status: 422, message: 'A name cannot hold “/” or “\\”. Use “-” or “,” instead.' },
  'name.control': {
    status: 422,
    message: 'This name holds a control character (such as a tab or a line break). Type it anew.',
  },
  'name.invisible': {
    status: 422,
    message: 'This name holds an invisible direction mark that can disguise how it ends. Type it anew.',
  },
  'name.dots': { status: 422, message: 'A name cannot be made of dots alone.' },
  'name.twin': { status: 409, message: 'There is already “{twin}” here. Keep both, or choose another name.' },
  'folder.intoItself': { status: 409, message: '“{name}” cannot go into itself or into a folder that lies in it.' },
  'folder.inTrash': { status: 409, message: '“{name}” is in the Trash. Restore it first.' },
  'document.inTrash': { status: 409, message: '“{name}” is in the Trash. Restore it first.' },
  'number.wrong': { status: 422, message: 'A number is a whole number from 0 to {limit}.' },
  'number.label': {
    status: 422,
    message: 'Own text in place of a number has letters and digits only, at most {limit}.',
  },
  'number.taken': { status: 409, message: '{number} is taken by “{twin}”. Choose another one, or renumber them all.' },
  'number.noRoom': {
    status: 409,
    message: 'There is no number left between “{before}” and “{after}”. Renumber these folders first.',
  },
  'number.fixed': { status: 409, message: '“{name}” holds its number {number} fixed. Let it go on its card first.' },
  'order.itself': {
    status: 409,
    message: 'These folders are ordered {order}. Choose another order under Numbering first.',
  },
  'numbering.wrong': {
    status: 422,
    message:
      'Numbering needs a first number from 0 to {limit} and a step from 1 to {steps}; own text needs “#” for the ' +
      'number, or several texts with commas between.',
  },
  'name.pattern': { status: 422, message: 'This pattern of names does not work: {why}.' },
  'place.last': { status: 409, message: '“{name}” does not lie in {place}.' },
  'order.empty': {
    status: 422,
    message: 'Say which arrivals are meant: how they come, from whom, of which kind or with which words.',
  },
  'order.idle': { status: 422, message: 'Say what is to be done with them: a place, a name, tags or a star.' },
  'search.twin': {
    status: 409,
    message: 'There is already a kept search “{name}”. Choose another name, or change that one.',
  },
  'tag.name': { status: 422, message: 'A tag is a word or a few, without commas, at most {limit} characters.' },
  'tag.twin': { status: 409, message: 'There is already the tag “{name}”. Merge the two, or choose another name.' },
  'draft.stale': {
    status: 409,
    message:
      'The plan was changed in another window meanwhile. The draft was compared anew; look at it and apply it again.',
  },
  'text.long': { status: 422, message: 'This text has {length} characters; at most {limit} fit.' },
  'act.nothing': { status: 409, message: 'There was nothing to change.' },
  'act.stopped': { status: 409, message: 'Stopped before the end. Nothing was changed.' },
  'undo.nothing': { status: 409, message: 'There is nothing to undo.' },
  'redo.nothing': { status: 409, message: 'There is nothing to redo.' },
  'undo.done': { status: 409, message: 'This was undone already.' },
  'undo.never': { status: 409, message: 'What was deleted for good cannot come back.' },
  'undo.handOver': {
    status: 409,
    message: 'Undo takes nothing back that was handed over. Whoever has it now can hand it back.',
  },
  'undo.copy': { status: 409, message: 'A copy that was given is theirs. It cannot be called back.' },
  'undo.lock': { status: 409, message: 'Undo opens no lock. Take it off with its passphrase.' },
  'undo.blocked': {
    status: 409,
    message: 'This cannot be undone, because something later stands against it: {later}.',
  },
  'change.collided': {
    status: 409,
    message: 'Another window changed the same thing at this moment. Look at it, then try again.',
  },
  'upload.large': { status: 413, message: '“{name}” is larger than the limit of {limit}.' },
  'upload.short': {
    status: 400,
    message: 'The upload of “{name}” stopped before its end. Upload it again, or send the rest.',
  },
  'upload.offset': {
    status: 409,
    message: 'Of this upload, {received} of {size} bytes have arrived. Go on from there, or begin again at 0.',
  },
  'upload.missing': { status: 404, message: 'A file that was on its way is no longer there. Choose it again.' },
  'upload.waits': {
    status: 503,
    message: 'Hembix was not reached. What has arrived of “{name}” is kept; “Again” goes on from there.',
  },
  'upload.clash': {
    status: 409,
    message: 'There is already a document “{twin}” here. Keep both, or make it a new version.',
  },
  'range.wrong': { status: 416, message: 'This part of the document does not exist.' },
  'reading.none': {
    status: 409,
    message: 'Documents of this type are not read for their words; they are found by name.',
  },
  'page.undrawn': { status: 422, message: 'This page cannot be shown. {why}' },
  'contents.none': { status: 422, message: 'There is nothing in “{name}” that could be taken out.' },
  'contents.large': {
    status: 413,
    message: '“{name}” is larger than {limit}. Take it apart on your own machine and bring in its parts.',
  },
  'contents.unreadable': { status: 422, message: 'Nothing was taken out. {why}' },
  'scan.picture': { status: 422, message: 'This is no picture that can be opened. Choose a PNG, JPEG, WebP or TIFF.' },
  'query.long': { status: 422, message: 'This search has {length} characters; at most {limit} fit. Use fewer words.' },
  'bundle.empty': { status: 422, message: 'There is no document in “{name}”. Put some into it first.' },
  ...GIVING_ERRORS,
  'archive.empty': { status: 422, message: 'There is no document in “{name}” to download. Add some first.' },
  'rule.wrong': { status: 422, message: 'This search is not understood: {why}. Make it anew.' },
  'query.onlyWithout': {
    status: 422,
    message: 'Add a word that should be there; words to leave out alone would list almost everything.',
  },
  'body.large': {
    status: 413,
    message: 'This request is larger than {limit}, which is the most that is taken here. Send less at once.',
  },
  'method.wrong': { status: 405, message: 'This address does not answer to {method}.' },
  'host.unknown': {
    status: 421,
    message: 'This Hembix does not answer under the name “{name}”. Whoever runs it can allow that with HEMBIX_NAMES.',
  },
  'server.crowded': {
    status: 429,
    message: 'Too many of these are open at once. Close some, or try again in a moment.',
  },
  'quota.full': {
    status: 507,
    message:
      'Your documents take {used} of {limit}; this does not fit any more. Empty the Trash, or delete what is ' +
      'not needed.',
  },
  'quota.uploads': {
    status: 429,
    message: 'There are {count} uploads on their way already. Take them in or forget them first.',
  },
  'id.taken': { status: 409, message: 'This id is in use. Make a new one (UUID, version 7).' },
  'server.busy': {
    status: 503,
    message: 'Too much is waiting for this at the moment. Nothing was lost; try again in a minute.',
  },
  'database.away': {
    status: 503,
    message: 'The database does not answer at the moment. Nothing was lost; Hembix tries again by itself.',
  },
  'database.full': {
    status: 507,
    message: 'The disk of the database is full. Nothing was changed or lost; make room on it, then try again.',
  },
  'connection.lost': {
    status: 503,
    message: 'Hembix does not answer at the moment. Nothing was lost; it is tried again by itself.',
  },
  'upload.stopped': { status: 499, message: 'The upload of “{name}” was stopped. Nothing of it was kept.' },
  'server.failed': {
    status: 500,
    message: 'Something went wrong inside Hembix. Nothing was changed. The log knows it as {logId}.',
  },
} as const

export type ErrorCode = keyof typeof ERRORS
export type ErrorDetails = Readonly<Record<string, string | number | boolean | null | readonly string[]>>

/** Why something was refused: the code, the sentence, and the facts behind the sentence. */
export interface Refusal {
  readonly code: ErrorCode
  readonly message: string
  readonly details: ErrorDetails
}

export function refusal(code: ErrorCode, details: ErrorDetails = {}): Refusal {
  const message = ERRORS[code].message.replace(/\{(\w+)\}/g, (_, part: string) => String(details[part] ?? ''))
  return { code, message, details }
}

/** A refusal that is thrown: the border turns it into the reply. */
export class HembixError extends Error {
  readonly refusal: Refusal
  constructor(reason: Refusal) {
    super(reason.message)
    this.name = 'HembixError'
    this.refusal = reason
  }
}

export function fail(code: ErrorCode, details: ErrorDetails = {}): never {
  throw new HembixError(refusal(code, details))
}
