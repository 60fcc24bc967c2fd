import { fail } from '../../core/errors'
import { route } from '../http/route'

/** Whatever else is asked for under /api is told so, and never answered with the page. */
export default route(() => fail('notFound'))
