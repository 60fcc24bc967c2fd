import { healthShape } from '../account'
import { eventsQueryShape, windowPlaceShape } from '../presence'
import { doneShape, endpoint } from './route'

export const serverRoutes = {
  health: endpoint({
    method: 'GET',
    path: '/api/health',
    summary: 'Says whether the database answers',
    signedIn: false,
    reply: healthShape,
  }),
  metrics: endpoint({
    method: 'GET',
    path: '/api/metrics',
    summary: 'Figures for whoever runs the server (Prometheus text), with the token of HEMBIX_METRICS_TOKEN',
    signedIn: false,
    reply: 'text',
  }),
  openApi: endpoint({
    method: 'GET',
    path: '/api/openapi.json',
    summary: 'This description',
    signedIn: false,
    reply: 'json',
  }),
  openSearch: endpoint({
    method: 'GET',
    path: '/api/opensearch.xml',
    summary: "How the browser's address line searches here (OpenSearch)",
    signedIn: false,
    reply: 'text',
  }),
  events: endpoint({
    method: 'GET',
    path: '/api/events',
    summary: 'Server-sent events of the plan: change, reading, refresh',
    signedIn: true,
    query: eventsQueryShape,
    reply: 'events',
  }),
  place: endpoint({
    method: 'PUT',
    path: '/api/events/place',
    summary: 'Which folder this window looks at, for the others who have a window open on the plan',
    signedIn: true,
    body: windowPlaceShape,
    reply: doneShape,
  }),
}
