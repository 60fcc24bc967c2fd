import { recognisingRequestShape } from '../../../contract/reading'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { setRecognition } from '../../services/reading/recognise'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { recognising, languages } = await bodyOf(event, recognisingRequestShape)
  return setRecognition(actor, recognising, languages)
})
