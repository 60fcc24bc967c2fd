import { fail } from '../../core/errors'
import { handler } from '../http/handler'

/** Whatever else is asked for under /api is told so, and never answered with the page. */
export default handler(() => fail('notFound'))
