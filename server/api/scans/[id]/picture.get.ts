import { setResponseHeaders } from 'h3'
import { scanEditsShape, scanPictureQueryShape } from '../../../../contract/scan'
import { signedIn } from '../../../http/actor'
import { idInPath, jsonOf, queryOf } from '../../../http/parse'
import { route } from '../../../http/route'
import { scanPages } from '../../../workers/documents'
import { whoIs } from '../../../services/account/session'
import { drawPage } from '../../../services/scans/scans'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { width, edits } = await queryOf(event, scanPictureQueryShape)
  const { bytes, type } = await drawPage(
    actor,
    idInPath(event),
    edits === null ? null : await jsonOf(edits, scanEditsShape),
    width,
    scanPages,
  )
  setResponseHeaders(event, {
    'content-type': type,
    'x-content-type-options': 'nosniff',
    'cache-control': 'private, max-age=60',
  })
  return bytes
})
