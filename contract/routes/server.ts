import type { Route } from './route'

export const serverRoutes: readonly Route[] = [
  { method: 'GET', path: '/api/health', summary: 'Says whether the database answers', signedIn: false },
  {
    method: 'GET',
    path: '/api/metrics',
    summary: 'Figures for whoever runs the server (Prometheus text), with the token of HEMBIX_METRICS_TOKEN',
    signedIn: false,
  },
  { method: 'GET', path: '/api/openapi.json', summary: 'This description', signedIn: false },
  {
    method: 'GET',
    path: '/api/opensearch.xml',
    summary: "How the browser's address line searches here (OpenSearch)",
    signedIn: false,
  },
  {
    method: 'GET',
    path: '/api/events',
    summary: 'Server-sent events of the plan: change, reading, refresh',
    signedIn: true,
    reply: 'events',
  },
]
