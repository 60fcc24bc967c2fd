import { meetingQueryShape } from '../../../contract/plan'
import { signedIn } from '../../http/actor'
import { queryOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { readMeeting } from '../../services/plan/readMeeting'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { from, into } = await queryOf(event, meetingQueryShape)
  return readMeeting(actor, from, into)
})
