import * as yup from 'yup'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { writeText } from './editFolder'

const fields = { id: folderId(), purpose: yup.string().strict().defined() }

function describeFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  return writeText(slice, command.id, 'purpose', command.purpose, moment)
}

export const folderDescribe = command('folder.describe', {
  fields,
  decide: describeFolder,
  shared: { role: 'edit', touches: ({ id }) => ({ folderIds: [id] }) },
  doc: '`id`, `purpose` (up to 2,000 characters; empty takes it off)',
})
