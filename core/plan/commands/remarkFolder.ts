import * as yup from 'yup'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { writeText } from './editFolder'

const fields = { id: folderId(), remark: yup.string().strict().defined() }

function remarkFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  return writeText(slice, command.id, 'remark', command.remark, moment)
}

export const folderRemark = command('folder.remark', {
  fields,
  decide: remarkFolder,
  doc: '`id`, `remark` (as the purpose)',
})
