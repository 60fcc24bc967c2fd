// Every route with its shapes: the OpenAPI document is made of the list, and tests walk it.

import { accessRequestRoutes } from './accessRequests'
import { accountRoutes } from './account'
import { arrivalsRoutes } from './arrivals'
import { bundlesRoutes } from './bundles'
import { changesRoutes } from './changes'
import { documentsRoutes } from './documents'
import { draftsRoutes } from './drafts'
import { findRoutes } from './find'
import { handoverRoutes } from './handovers'
import { lockRoutes } from './locks'
import { mailRoutes } from './mail'
import { planRoutes } from './plan'
import { readingRoutes } from './reading'
import { scansRoutes } from './scans'
import { serverRoutes } from './server'
import { sharedRoutes } from './shared'
import { trashRoutes } from './trash'
import { uploadsRoutes } from './uploads'
import type { Route } from './route'

export type { Route } from './route'

export const ROUTES: readonly Route[] = [
  ...Object.values(serverRoutes),
  ...Object.values(accountRoutes),
  ...Object.values(planRoutes),
  ...Object.values(documentsRoutes),
  ...Object.values(uploadsRoutes),
  ...Object.values(changesRoutes),
  ...Object.values(readingRoutes),
  ...Object.values(scansRoutes),
  ...Object.values(draftsRoutes),
  ...Object.values(trashRoutes),
  ...Object.values(arrivalsRoutes),
  ...Object.values(findRoutes),
  ...Object.values(bundlesRoutes),
  ...Object.values(sharedRoutes),
  ...Object.values(accessRequestRoutes),
  ...Object.values(lockRoutes),
  ...Object.values(handoverRoutes),
  ...Object.values(mailRoutes),
]
