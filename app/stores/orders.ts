import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { computed, ref, shallowRef } from 'vue'
import type { StandingOrder, Tried } from '../../contract/order'
import { completeParts, tryReadRule } from '../../core/find/index'
import type { OrderId } from '../../core/ids'
import { readOrders, tryOrder } from '../api/orders'
import { useActs } from './acts'
import type { Remote } from './remote'
import { refusalOf } from './remote'

/** Without rules that are just begun: they would fit everything. One that is not understood stays, and is refused. */
function asGiven(order: StandingOrder): StandingOrder {
  const read = order.when.rule ? tryReadRule(order.when.rule) : null
  return { ...order, when: { ...order.when, rule: read?.ok ? completeParts(read.rule) : (order.when.rule ?? null) } }
}

/** Standing orders, the one that is edited, and what it would have done. */
export const useOrders = defineStore('orders', () => {
  const acts = useActs()
  const loaded = shallowRef<Remote<readonly StandingOrder[]>>({ state: 'idle' })
  const edited = ref<StandingOrder | null>(null)
  const tried = shallowRef<Tried | null>(null)
  const refused = ref('')
  const orders = computed(() => (loaded.value.state === 'ready' ? loaded.value.value : []))
  let request = 0

  async function load(): Promise<void> {
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      loaded.value = { state: 'ready', value: (await readOrders()).orders }
    } catch (error) {
      const reason = refusalOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  function begin(order: StandingOrder | null): void {
    tried.value = null
    refused.value = ''
    edited.value = order
      ? {
          ...order,
          when: { ...order.when, origins: [...order.when.origins], types: [...order.when.types] },
          then: { ...order.then, tags: [...order.then.tags] },
        }
      : {
          id: newId<OrderId>(),
          name: '',
          orderKey: '',
          active: false,
          when: { origins: [], types: [], sender: '', words: '', rule: null },
          then: { folderId: null, pattern: null, tags: [], star: false },
        }
  }

  /** What the order being edited would have done; nothing is done. */
  async function look(): Promise<void> {
    const mine = ++request
    if (!edited.value) return
    try {
      const found = await tryOrder(asGiven(edited.value))
      if (mine === request) tried.value = found
    } catch (error) {
      if (mine === request) tried.value = null
      refusalOf(error) // what is missing is said when it is kept
    }
  }

  async function keep(active: boolean): Promise<void> {
    const { value: order } = edited
    if (!order) return
    const { id, name, when, then } = asGiven(order)
    const outcome = await acts.act(
      { kind: 'order.set', id, name, active, when: { ...when }, then: { ...then } },
      { quiet: true },
    )
    if (!outcome.ok) {
      refused.value = outcome.reason.message
      return
    }
    edited.value = null
    await load()
  }

  async function turn(order: StandingOrder, active: boolean): Promise<void> {
    const { id, name, when, then } = order
    await acts.act({ kind: 'order.set', id, name, active, when, then })
    await load()
  }

  async function drop(order: StandingOrder): Promise<void> {
    await acts.act({ kind: 'order.drop', id: order.id })
    if (edited.value?.id === order.id) edited.value = null
    await load()
  }

  return { loaded, orders, edited, tried, refused, load, begin, look, keep, turn, drop }
})
