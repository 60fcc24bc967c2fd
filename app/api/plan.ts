import type { OutlineReply } from '../../contract/plan'
import { call } from './http'

export const readPlan = () => call<OutlineReply>('GET', '/api/plan')
