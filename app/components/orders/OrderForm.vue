<script setup lang="ts">
// One standing order: what it fits, what it does, and what it would have done with the last arrivals.
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import type { Rule, TypeGroup } from '../../../core/find/index'
import { leavesIn, tryReadRule, TYPE_GROUP_NAMES, TYPE_GROUPS } from '../../../core/find/index'
import type { Origin } from '../../../core/rows/index'
import { ORIGINS } from '../../../core/rows/index'
import type { TagId } from '../../../core/ids'
import { useDialogs } from '../../stores/dialogs'
import { originName } from '../../stores/origin'
import { useOrders } from '../../stores/orders'
import { usePlaceNames } from '../../stores/placeNames'
import { useTagList } from '../../stores/tagList'
import PlaceLinks from '../common/PlaceLinks.vue'
import RuleEditor from '../find/RuleEditor.vue'
import type { PickedTag } from '../common/TagPicker.vue'
import TagPicker from '../common/TagPicker.vue'
import { beginIn } from '../base/begins'
import LineField from '../base/LineField.vue'
import TickBox from '../base/TickBox.vue'

const orders = useOrders()
const placeNames = usePlaceNames()
const tagList = useTagList()
const dialogs = useDialogs()
const order = computed(() => orders.edited)
const WAYS = ORIGINS.filter(origin => origin !== 'copy')

watchDebounced(order, () => orders.look(), { deep: true, debounce: 250, immediate: true })

function toggle<T>(list: T[], one: T): T[] {
  return list.includes(one) ? list.filter(other => other !== one) : [...list, one]
}
const rule = computed(() => {
  const read = order.value?.when.rule ? tryReadRule(order.value.when.rule) : null
  return read?.ok ? read.rule : null
})
const FIRST_RULE: Rule = { kind: 'all', rules: [{ kind: 'text', field: 'name', op: 'contains', value: '' }] }
/** A group without rules is none. */
function setRule(changed: Rule | null): void {
  if (order.value) order.value.when.rule = changed && leavesIn(changed).length > 0 ? { ...changed } : null
}

const toggleOrigin = (origin: Origin) => {
  if (order.value) order.value.when.origins = toggle(order.value.when.origins, origin)
}
const toggleType = (type: TypeGroup) => {
  if (order.value) order.value.when.types = toggle(order.value.when.types, type)
}

function choosePlace(): void {
  dialogs.place = {
    title: 'File them in',
    suggested: [],
    answer: ids => {
      if (order.value) order.value.then.folderId = ids[0] ?? null
    },
  }
}

const tags = computed<PickedTag[]>(() =>
  (order.value?.then.tags ?? []).map(name => ({
    id: (tagList.tags.find(tag => tag.name === name)?.id ?? name) as TagId,
    name,
  })),
)
const wouldBe = computed(
  () => orders.tried?.matches.filter(match => match.newName !== match.name || order.value?.then.folderId) ?? [],
)

const form = ref<HTMLFormElement | null>(null)
onMounted(() => beginIn(() => form.value))
</script>

<template>
  <form v-if="order" ref="form" class="form" aria-label="Standing order" @submit.prevent="orders.keep(true)">
    <label>Name <LineField v-model="order.name" class="line-field" data-begins placeholder="Invoices" /></label>
    <h2 class="part-head">When something arrives</h2>
    <fieldset>
      <legend>by</legend>
      <TickBox
        v-for="origin in WAYS"
        :key="origin"
        class="check"
        :model-value="order.when.origins.includes(origin)"
        @update:model-value="toggleOrigin(origin)"
        >{{ originName(origin) }}</TickBox
      >
    </fieldset>
    <fieldset>
      <legend>of the kind</legend>
      <TickBox
        v-for="type in TYPE_GROUP_NAMES"
        :key="type"
        class="check"
        :model-value="order.when.types.includes(type)"
        @update:model-value="toggleType(type)"
        >{{ TYPE_GROUPS[type].name }}</TickBox
      >
    </fieldset>
    <label
      >from whom <LineField v-model="order.when.sender" class="line-field" placeholder="a name or an address"
    /></label>
    <label
      >with the words
      <LineField
        v-model="order.when.words"
        class="line-field"
        placeholder="in its name or at the beginning of its text"
    /></label>
    <div class="rules">
      <v-btn v-if="!rule" class="place" @click="setRule(FIRST_RULE)">and these rules hold…</v-btn>
      <template v-else>
        <span class="legend">and these rules hold</span>
        <RuleEditor :whole="rule" :rule-counts="null" @change="setRule" />
      </template>
    </div>
    <h2 class="part-head">do this</h2>
    <p class="place-line">
      File it in
      <v-btn class="place" @click="choosePlace">
        {{
          order.then.folderId
            ? (placeNames.placeOf(order.then.folderId)?.text ?? 'a folder that is gone')
            : 'choose a folder…'
        }}
      </v-btn>
      <v-btn v-if="order.then.folderId" class="quiet" @click="order.then.folderId = null">
        leave it in the In-tray
      </v-btn>
    </p>
    <label
      >call it
      <LineField
        :model-value="order.then.pattern ?? ''"
        class="line-field"
        placeholder="{date} {title}; empty: as it is"
        @update:model-value="order.then.pattern = $event || null"
    /></label>
    <div class="tag-line">
      <span>tag it</span
      ><TagPicker
        :carried="tags"
        @put="order.then.tags = [...order.then.tags, $event.name]"
        @take="
          id => {
            if (order) order.then.tags = order.then.tags.filter(name => tags.find(tag => tag.id === id)?.name !== name)
          }
        " />
    </div>
    <TickBox v-model="order.then.star" class="check">star it</TickBox>
    <p v-if="orders.refused" class="warn" role="alert">
      {{ orders.refused }}
    </p>
    <div class="tried" role="status">
      <p v-if="orders.tried">
        Would have dealt with <b>{{ orders.tried.matches.length }}</b> of the last {{ orders.tried.of }} arrivals{{
          orders.tried.matches.length > 0 ? ', like this:' : ''
        }}
      </p>
      <ul>
        <li v-for="match in wouldBe.slice(0, 12)" :key="match.id">
          <span class="cut">{{ match.name }}</span><span v-if="match.newName !== match.name" class="cut new"
            >→ {{ match.newName }}</span
          ><PlaceLinks :folder-ids="match.folderIds" />
        </li>
      </ul>
    </div>
    <p class="acts">
      <v-btn type="submit" class="act full">Keep and switch on</v-btn>
      <v-btn class="act" @click="orders.keep(false)">Keep, switched off</v-btn>
      <v-btn class="act" @click="orders.edited = null">Leave it</v-btn>
    </p>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 8px;
}
label {
  display: grid;
  gap: 2px;
  color: var(--ink-2);
  font-size: 12.5px;
}
.check {
  display: inline-flex;
  align-items: center;
  color: var(--ink);
  font-size: 13px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 3px 14px;
}
legend {
  float: left;
  color: var(--ink-2);
  font-size: 12.5px;
  margin-right: 6px;
  padding: 0;
}
.rules :deep(.group) {
  display: block;
}
.legend {
  color: var(--ink-2);
  font-size: 12.5px;
}
.part-head {
  margin-top: 8px;
}
.place-line,
.tag-line {
  display: flex;
  gap: 10px;
  align-items: baseline;
}
.tried {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
.tried ul {
  list-style: none;
  padding: 0;
}
.tried li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) minmax(0, 180px);
  gap: 10px;
  border-bottom: 1px solid var(--rule);
  padding: 2px 0;
}
.new {
  font-weight: 600;
}
.acts {
  display: flex;
  gap: 6px;
}
</style>
