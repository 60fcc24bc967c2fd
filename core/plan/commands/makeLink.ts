import * as yup from 'yup'
import { hashOfPassphrase, hashOfSecret, PASSPHRASE_LIMIT, SECRET_PATTERN } from '../../access/index'
import { storableTime } from '../../dates/index'
import { inserted } from '../../change/index'
import { message } from '../../history/index'
import type { DocumentId } from '../../ids'
import { anyId, shareLinkId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import { NOTE_LIMIT, refusedGiving, thingOf } from './grants'

const fields = {
  id: shareLinkId(),
  target: yup
    .string()
    .oneOf(['folder', 'document'] as const)
    .required(),
  targetId: anyId(),
  secret: yup.string().strict().required().matches(SECRET_PATTERN, 'a secret has 22 letters'),
  until: yup.string().nullable().default(null),
  note: yup.string().strict().default(''),
  passphrase: yup.string().strict().max(PASSPHRASE_LIMIT).default(''),
}

function makeLink(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { id, target, targetId } = command
  const until = command.until === null ? null : storableTime(command.until)
  if (command.until !== null && (until === null || until <= moment.now)) return refuse('link.over')
  const length = [...command.note].length
  if (length > NOTE_LIMIT) return refuse('text.long', { length, limit: NOTE_LIMIT })
  const given = thingOf(slice, target, targetId, moment)
  if (isDecision(given)) return given
  const refused = refusedGiving(slice, target, targetId)
  if (refused) return refused
  const secretHash = hashOfSecret(command.secret)
  const passphraseHash = command.passphrase === '' ? null : hashOfPassphrase(command.passphrase, id)
  const note = command.note.trim()
  const row = { id, target, targetId, secretHash, passphraseHash, until, note, createdAt: moment.now } as const
  return decided([inserted('share_link', row)], message('link.make', { thing: given.thing }), given.places)
}

export const linkMake = command('link.make', {
  fields,
  needs: ({ target, targetId }) => (target === 'document' ? { documentIds: [targetId as DocumentId] } : {}),
  decide: makeLink,
  owners: 'right',
  doc:
    '`id`, `target` (`folder`, `document`), `targetId`, `secret` (128 random bits in base64url; only its hash is ' +
    'kept), `until` (null: until it is ended), `note`, `passphrase` (empty: none; only its ' +
    'hash is kept): whoever has the address may read it',
})
