<script setup lang="ts">
// Many documents renamed by rules, with every new name before anything happens; one Change.
import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { counted } from '../../../core/change/index'
import type { NameRules, NewName, Renamable } from '../../../core/filing/index'
import { CASES, NO_RULES } from '../../../core/filing/index'
import type { DocumentId } from '../../../core/ids'
import { NAME_PARTS } from '../../../core/plan/index'
import { useActs } from '../../stores/acts'
import { namesInTime, renamable } from '../../stores/bulkNames'
import { refusalOf } from '../../stores/remote'
import PaperDialog from '../common/PaperDialog.vue'
import EnterSends from '../base/EnterSends.vue'
import ChoiceField from '../base/ChoiceField.vue'
import LineField from '../base/LineField.vue'
import TickBox from '../base/TickBox.vue'

const props = defineProps<{ ids: readonly DocumentId[] | null }>()
const emit = defineEmits<{ close: [] }>()

const acts = useActs()
const rules = ref<NameRules>({ ...NO_RULES })
const documents = shallowRef<readonly Renamable[]>([])
const made = shallowRef<readonly NewName[]>([])
const refused = ref('')

watch(
  () => props.ids,
  async ids => {
    rules.value = { ...NO_RULES }
    documents.value = []
    made.value = []
    refused.value = ''
    if (!ids) return
    try {
      documents.value = await renamable(ids)
    } catch (error) {
      refused.value = refusalOf(error).message
    }
  },
)
let request = 0
watchDebounced(
  [rules, documents],
  async () => {
    const mine = ++request
    const outcome = await namesInTime(documents.value, rules.value)
    if (mine !== request) return
    refused.value = 'wrong' in outcome ? outcome.wrong : ''
    if ('names' in outcome) made.value = outcome.names
  },
  { deep: true, debounce: 120 },
)

const changed = computed(() => made.value.filter(name => name.name !== name.before))
const wrong = computed(() => changed.value.filter(name => name.wrong !== ''))
const clashing = computed(() => changed.value.filter(name => name.clashes))

async function keep(): Promise<void> {
  if (wrong.value.length > 0 || changed.value.length === 0 || refused.value !== '') return
  const outcome = await acts.act(
    { kind: 'document.names', names: changed.value.map(({ id, name }) => ({ id: id as DocumentId, name })) },
    { quiet: true },
  )
  if (outcome.ok) emit('close')
  else refused.value = outcome.reason.message
}
</script>

<template>
  <PaperDialog
    :open="ids !== null"
    :width="760"
    label="Rename together"
    :title="`Rename ${counted(ids?.length ?? 0, 'document')} together`"
    @leave="emit('close')">
    <form class="form" @submit.prevent="keep">
      <label>Find <LineField v-model="rules.find" class="line-field" data-begins /></label>
      <label>and write <LineField v-model="rules.replace" class="line-field" /></label>
      <TickBox v-model="rules.expression" class="check">regular expression</TickBox>
      <label
        >By parts
        <LineField
          v-model="rules.pattern"
          class="line-field"
          :placeholder="`{number} {name}: ${NAME_PARTS.join(', ')}`"
      /></label>
      <label
        >First number
        <LineField
          :model-value="String(rules.start)"
          class="line-field"
          type="number"
          min="0"
          @update:model-value="rules = { ...rules, start: Number($event) }"
      /></label>
      <label
        >Digits
        <LineField
          :model-value="String(rules.digits)"
          class="line-field"
          type="number"
          min="1"
          max="6"
          @update:model-value="rules = { ...rules, digits: Number($event) }"
      /></label>
      <label
        >Letters
        <ChoiceField
          v-model="rules.letters"
          label="Letters"
          class="line-field"
          :choices="CASES.map(one => ({ value: one, text: one }))"
      /></label>
      <label
        >Day in front
        <ChoiceField
          v-model="rules.date"
          label="Day in front"
          class="line-field"
          :choices="[
            { value: 'none', text: 'none' },
            { value: 'name', text: 'the one in the name' },
            { value: 'changed', text: 'of the last change' },
          ]"
      /></label>
      <TickBox v-model="rules.tidy" class="check">take out “copy of”, “(final)”, “(2)”</TickBox>
      <EnterSends />
    </form>
    <p v-if="refused" class="warn" role="alert">
      {{ refused }}
    </p>
    <p class="second sum" role="status">
      {{
        changed.length === 0
          ? 'No name changes yet.'
          : `${counted(changed.length, 'document')} ${changed.length === 1 ? 'gets' : 'get'} a new name`
      }}<template v-if="clashing.length > 0"> ; {{ clashing.length }} would be called as another one is </template>
    </p>
    <div class="names" role="table" aria-label="New names">
      <div
        v-for="name in made.slice(0, 300)"
        :key="name.id"
        class="line"
        role="row"
        :class="{ same: name.name === name.before }">
        <span role="cell" class="cut">{{ name.before }}</span>
        <span role="cell" class="cut new"
          >{{ name.name === name.before ? 'as it is' : name.name
          }}<em v-if="name.wrong" class="warn"> {{ name.wrong }}</em
          ><em v-else-if="name.clashes && name.name !== name.before" class="warn"> twice here</em></span
        >
      </div>
    </div>
    <template #acts>
      <v-btn class="act full" :disabled="changed.length === 0 || wrong.length > 0 || refused !== ''" @click="keep">
        Rename {{ changed.length > 0 ? counted(changed.length, 'document') : '' }} <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">Leave them <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 8px 14px;
  align-items: end;
}
label {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
  color: var(--ink-2);
}
.check {
  display: flex;
  align-items: center;
  padding-bottom: 6px;
}
.sum {
  margin: 10px 0 4px;
}
.names {
  max-height: 38vh;
  overflow-y: auto;
  border: 1px solid var(--rule);
}
.line {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  padding: 3px 9px;
  border-bottom: 1px solid var(--rule);
}
.new {
  font-weight: 600;
}
.same {
  color: var(--ink-3);
}
.same .new {
  font-weight: 400;
}
em {
  font-style: normal;
  font-weight: 400;
  font-size: 12px;
}
</style>
