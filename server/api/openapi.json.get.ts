import { openApi } from '../../contract/openapi'
import { route } from '../http/route'

export default route(() => openApi())
