import { createPinia, setActivePinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { useTrail } from './trail'

describe(useTrail, () => {
  it('leads to the documents before and after in the list', () => {
    setActivePinia(createPinia())
    const trail = useTrail()
    trail.ids = ['a', 'b', 'c']
    expect([trail.beside('b', 1), trail.beside('b', -1), trail.beside('c', 1), trail.beside('x', 1)]).toEqual([
      'c',
      'a',
      null,
      null,
    ])
  })
})
