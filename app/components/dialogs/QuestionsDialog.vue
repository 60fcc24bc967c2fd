<script setup lang="ts">
// What has to be said before something is done: for each thing one of a few answers, or one answer for all of a kind.
import { ref, watch } from 'vue'
import type { Questions } from '../../stores/dialogs'
import PaperDialog from '../common/PaperDialog.vue'
import RadioField from '../base/RadioField.vue'

const props = defineProps<{ request: Questions | null }>()
const emit = defineEmits<{ answer: [answers: ReadonlyMap<string, string> | null] }>()

const answers = ref(new Map<string, string>())
watch(
  () => props.request,
  request => {
    answers.value = new Map(
      request?.parts.flatMap(part => part.rows.map(row => [row.key, row.first ?? part.choices[0]?.value ?? ''])),
    )
  },
)

function setAll(part: Questions['parts'][number], value: string): void {
  for (const row of part.rows) if (!row.not?.includes(value)) answers.value.set(row.key, value)
}
</script>

<template>
  <PaperDialog
    :open="request !== null"
    :width="620"
    :label="request?.label ?? ''"
    :title="request?.title ?? ''"
    @leave="emit('answer', null)">
    <section v-for="part in request?.parts ?? []" :key="part.title">
      <h3 v-if="request && request.parts.length > 1">
        {{ part.title }}
      </h3>
      <p v-if="part.rows.length > 1" class="all second">
        For all:
        <v-btn v-for="choice in part.choices" :key="choice.value" class="act" @click="setAll(part, choice.value)">
          {{ choice.title }}
        </v-btn>
      </p>
      <div class="list">
        <fieldset v-for="row in part.rows.slice(0, 200)" :key="row.key">
          <legend>
            <span class="cut name">{{ row.name }}</span><span v-if="row.note" class="quiet cut">{{ row.note }}</span>
          </legend>
          <RadioField
            inline
            :label="row.name"
            :choices="
              part.choices
                .filter(one => !row.not?.includes(one.value))
                .map(({ value, title }) => ({ value, text: title }))
            "
            :model-value="answers.get(row.key) ?? ''"
            @update:model-value="answers.set(row.key, $event)" />
        </fieldset>
        <p v-if="part.rows.length > 200" class="quiet">
          and {{ part.rows.length - 200 }} more, answered as “for all” says
        </p>
      </div>
      <p v-if="part.note" class="quiet">
        {{ part.note }}
      </p>
    </section>
    <template #acts>
      <v-btn class="act full" data-begins @click="emit('answer', new Map(answers))">Go on</v-btn>
      <v-btn class="act" @click="emit('answer', null)">
        {{ request?.leave ?? 'Leave it' }} <span class="key">Esc</span>
      </v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
section + section {
  border-top: 1px solid var(--rule-strong);
  margin-top: 12px;
  padding-top: 10px;
}
h3 {
  font-size: 14px;
}
.all {
  margin-bottom: 6px;
}
.list {
  max-height: 36vh;
  overflow-y: auto;
  margin-bottom: 8px;
}
fieldset {
  border: 0;
  border-bottom: 1px solid var(--rule);
  padding: 5px 0;
}
legend {
  padding: 0;
  display: flex;
  gap: 8px;
  max-width: 100%;
  float: left;
  width: 100%;
}
.name {
  font-weight: 600;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  clear: both;
}
</style>
