import { fail } from '../../core/errors'
import { handler } from '../http/handler'

/** The API itself is no page. */
export default handler(() => fail('notFound'))
