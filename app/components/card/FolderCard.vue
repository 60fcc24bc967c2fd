<script setup lang="ts">
import { computed } from 'vue'
import { counted } from '../../../core/change/index'
import { timeText } from '../../../core/dates/index'
import type { FolderId } from '../../../core/ids'
import { childrenOf } from '../../../core/tree/index'
import type { OfferedAct } from '../../acts/act'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import ColourMenu from '../folder/ColourMenu.vue'
import CardActs from './CardActs.vue'
import WhoMay from '../give/WhoMay.vue'
import StoryList from './StoryList.vue'
import NamePatternEdit from './NamePatternEdit.vue'
import TagField from '../common/TagField.vue'
import TextEdit from '../common/TextEdit.vue'
import LineField from '../base/LineField.vue'
import TickBox from '../base/TickBox.vue'

const props = defineProps<{ id: FolderId; acts: readonly OfferedAct[] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const store = useActs()
const folder = computed(() => plan.tree.byId.get(props.id))
const place = computed(() => placeNames.placeOf(props.id))
const inherited = computed(() => (folder.value?.meaningId ? '' : 'as its parent'))

/** Digits are a number, other text stands in its place; empty is the next one in order. */
function setNumber(typed: string): void {
  const text = typed.trim()
  const number = /^\d+$/.test(text) ? Number(text) : null
  void store.act({ kind: 'folder.number', id: props.id, number, label: text !== '' && number === null ? text : null })
}

function setFixed(fixed: boolean): void {
  if (folder.value)
    void store.act({
      kind: 'folder.number',
      id: props.id,
      number: fixed ? (plan.numbered.codes.get(props.id)?.number ?? null) : folder.value.number,
      label: folder.value.label,
      fixed,
    })
}

const setNumbered = (numbered: boolean) =>
  void store.act({ kind: 'folder.number', id: props.id, number: null, numbered })
</script>

<template>
  <template v-if="folder && place">
    <div class="edge" :style="{ background: place.laid ?? 'var(--no-colour)' }" />
    <h2>{{ place.text }}</h2>
    <p class="kind second">Folder · {{ counted(plan.totals.get(id) ?? 0, 'document') }} with all below</p>
    <dl>
      <dt>Purpose</dt>
      <dd>
        <TextEdit
          :value="folder.purpose"
          label="Purpose"
          empty="what belongs here?"
          @keep="store.act({ kind: 'folder.describe', id, purpose: $event })" />
      </dd>
      <dt>Colour</dt>
      <dd>
        <ColourMenu :folder="folder" /> <span class="quiet">{{ inherited }}</span>
      </dd>
      <dt>Number</dt>
      <dd>
        <LineField
          class="line-field number"
          :model-value="String(folder.label ?? folder.number ?? '')"
          :disabled="!folder.numbered"
          placeholder="in order"
          aria-label="Own number or text; empty: the next one in order"
          @change="setNumber"
          @keydown.stop />
        <TickBox
          class="check"
          :model-value="folder.numberFixed"
          :disabled="!folder.numbered"
          @update:model-value="setFixed($event)"
          >held fixed</TickBox
        >
        <TickBox class="check" :model-value="!folder.numbered" @update:model-value="setNumbered(!$event)"
          >left out of the numbers</TickBox
        >
        <TickBox
          class="check"
          :model-value="folder.first"
          @update:model-value="store.act({ kind: 'folder.first', id, on: $event })"
          >kept first in its place</TickBox
        >
        <TickBox
          class="check"
          :model-value="folder.registering"
          @update:model-value="store.act({ kind: 'folder.register', id, on: $event })"
          >running numbers for its documents</TickBox
        >
      </dd>
      <dt>Tags</dt>
      <dd><TagField :folder-ids="[id]" :document-ids="[]" :carried="plan.reply?.folderTags[id] ?? []" /></dd>
      <dt>Names</dt>
      <dd><NamePatternEdit :id="id" :pattern="folder.namePattern" /></dd>
      <dt>Remark</dt>
      <dd>
        <TextEdit
          :value="folder.remark"
          label="Remark"
          empty="write one…"
          @keep="store.act({ kind: 'folder.remark', id, remark: $event })" />
      </dd>
      <dt>Holds</dt>
      <dd>
        {{ counted(plan.reply?.counts[id] ?? 0, 'document') }},
        {{ counted(childrenOf(plan.tree, id).length, 'folder') }}
      </dd>
      <dt>Changed</dt>
      <dd>{{ timeText(folder.changedAt) }}</dd>
      <dt>Who may</dt>
      <dd><WhoMay :thing="{ kind: 'folder', id }" /></dd>
      <dt>Story</dt>
      <dd><StoryList :id="id" /></dd>
    </dl>
    <CardActs :acts="acts" />
  </template>
</template>

<style scoped>
.edge {
  height: 8px;
  margin: -14px -16px 12px;
}
h2 {
  font-size: 16.5px;
  line-height: 21px;
  overflow-wrap: anywhere;
}
.kind {
  padding-bottom: 9px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 8px;
}
dl {
  display: grid;
  grid-template-columns: 74px minmax(0, 1fr);
  gap: 5px 8px;
  align-items: baseline;
}
dt {
  color: var(--ink-3);
}
dd {
  min-width: 0;
}
.number {
  width: 92px;
  padding: 2px 6px;
}
.check {
  display: flex;
  align-items: center;
  color: var(--ink-2);
  font-size: 12.5px;
}
</style>
