import { route } from '../http/route'
import { checkHealth } from '../services/health'

/** 200 `{ "status": "ok" }` when the database answers, else 503. */
export default route(() => checkHealth())
