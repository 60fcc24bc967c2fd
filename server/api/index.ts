import { fail } from '../../core/errors'
import { route } from '../http/route'

/** The API itself is no page. */
export default route(() => fail('notFound'))
