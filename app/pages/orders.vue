<script setup lang="ts">
// What is done by itself with arrivals that fit.
import FirstMeeting from '../components/help/FirstMeeting.vue'
import HelpSign from '../components/help/HelpSign.vue'
import { whenText } from '../../core/filing/index'
import { printRule, tryReadRule, TYPE_GROUPS } from '../../core/find/index'
import RemoteState from '../components/common/RemoteState.vue'
import OrderForm from '../components/orders/OrderForm.vue'
import { useNames } from '../composables/useNames'
import { onPlanEvent } from '../composables/usePlanEvents'
import { originName } from '../stores/origin'
import { useOrders } from '../stores/orders'
import { usePlaceNames } from '../stores/placeNames'
import type { StandingOrder } from '../../contract/order'
import TickBox from '../components/base/TickBox.vue'

const orders = useOrders()
const placeNames = usePlaceNames()
orders.edited = null
void orders.load()
onPlanEvent(event => {
  if (event.type === 'refresh' || (event.type === 'change' && event.tables.includes('standing_order')))
    void orders.load()
})

function doesText({ then }: StandingOrder): string {
  return [
    ...(then.folderId ? [`files it in ${placeNames.placeOf(then.folderId)?.text ?? 'a folder that is gone'}`] : []),
    ...(then.pattern ? [`calls it ${then.pattern}`] : []),
    ...(then.tags.length > 0 ? [`tags it ${then.tags.join(', ')}`] : []),
    ...(then.star ? ['stars it'] : []),
  ].join(', ')
}
const names = useNames()
function ruleText(json: object): string {
  const read = tryReadRule(json)
  return read.ok ? printRule(read.rule, names.value) : 'a rule that is not understood any more'
}
const fitsText = (order: StandingOrder) => whenText(order.when, type => TYPE_GROUPS[type].name, originName, ruleText)
</script>

<template>
  <div class="orders">
    <p>
      <NuxtLink class="place" to="/in-tray"> In-tray </NuxtLink>
    </p>
    <div class="titled">
      <h1>Standing orders</h1>
      <HelpSign topic="orders" />
    </div>
    <FirstMeeting topic="orders" />
    <p class="second lead">
      What is done by itself with arrivals that fit, as soon as their words are read. The first that fits is carried
      out; each act stands in History and can be undone.
    </p>
    <RemoteState :remote="orders.loaded" @again="orders.load()">
      <div v-if="orders.orders.length === 0 && !orders.edited" class="empty">
        <h2>There is none yet</h2>
        <p>
          Say which arrivals are meant, and what is to be done with them. What it would have done with the last ones is
          shown before it is on.
        </p>
      </div>
      <ul v-else class="list">
        <li v-for="order in orders.orders" :key="order.id" :class="{ off: !order.active }">
          <TickBox
            class="check"
            :model-value="order.active"
            :aria-label="`${order.name} is on`"
            @update:model-value="orders.turn(order, $event)"
            >{{ order.active ? 'on' : 'off' }}</TickBox
          >
          <b class="cut">{{ order.name }}</b>
          <span class="second">{{ fitsText(order) }}: {{ doesText(order) }}</span>
          <v-btn class="place" :aria-label="`Change ${order.name}`" @click="orders.begin(order)"> Change </v-btn>
          <v-btn class="place" :aria-label="`Drop ${order.name}`" @click="orders.drop(order)"> Drop </v-btn>
        </li>
      </ul>
      <OrderForm v-if="orders.edited" :key="orders.edited.id" />
      <p v-else>
        <v-btn class="act main" @click="orders.begin(null)">New standing order</v-btn>
      </p>
    </RemoteState>
  </div>
</template>

<style scoped>
.orders {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 22px max(24px, calc((100vw - 900px) / 2)) 30px;
}
h1 {
  font-size: 24px;
  line-height: 32px;
}
.lead {
  margin-bottom: 14px;
}
.list {
  list-style: none;
  padding: 0;
  margin: 0 0 14px;
  border-top: 2px solid var(--ink);
}
li {
  display: grid;
  grid-template-columns: 54px minmax(0, 180px) minmax(0, 1fr) 60px 44px;
  gap: 12px;
  align-items: baseline;
  border-bottom: 1px solid var(--rule);
  padding: 6px 0;
}
.off b,
.off .second {
  color: var(--ink-3);
}
.check {
  display: flex;
  align-items: center;
}
</style>
