// Every page that can be gone to, as an act.
import { PAGES } from '../../stores/pages'
import type { PlainAct } from '../act'

export const pageActs: readonly PlainAct[] = Object.entries(PAGES).flatMap(([id, page]) =>
  'to' in page
    ? [{ id: `go-${id}`, title: `Go to ${page.title}`, part: 'app' as const, run: () => void navigateTo(page.to) }]
    : [],
)
