import { serverRoutes } from '../../contract/routes/server'
import { route } from '../routing/route'
import { checkHealth } from '../services/health'

/** 200 `{ "status": "ok" }` when the database answers, else 503. */
export default route(serverRoutes.health, () => checkHealth())
