<script setup lang="ts">
// Puts documents into an area: chosen among areas, with what belongs there and who will see it.
import { computed, ref, watch } from 'vue'
import { counted, quoted } from '../../../core/change/index'
import { foldedText } from '../../../core/text/index'
import type { Area } from '../../stores/areas'
import { useAreas } from '../../stores/areas'
import type { MeantThing } from '../../stores/dialogs'
import EnterSends from '../base/EnterSends.vue'
import LineField from '../base/LineField.vue'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ documents: readonly MeantThing[] }>()
const emit = defineEmits<{ close: [] }>()

const areas = useAreas()
const [typed, refused] = [ref(''), ref('')]
const chosen = ref<string | null>(null)
const busy = ref(false)
watch(
  () => props.documents,
  () => {
    typed.value = refused.value = ''
    chosen.value = areas.all.length === 1 ? (areas.all[0]?.folderId ?? null) : null
  },
)
const MANY = 8
const found = computed(() => {
  const words = foldedText(typed.value.trim())
  return areas.all.filter(({ name, purpose }) => foldedText(`${name} ${purpose}`).includes(words))
})
const area = computed<Area | undefined>(() => found.value.find(({ folderId }) => folderId === chosen.value))
const what = computed(() => {
  const [only] = props.documents
  return only && props.documents.length === 1 ? quoted(only.name) : counted(props.documents.length, 'document')
})
const does = computed(() =>
  area.value?.of
    ? `Puts a copy into the plan of ${area.value.of.from}; what becomes of yours does not touch it.`
    : 'Files it there as well; it stays where it lies.',
)

async function send(): Promise<void> {
  if (!area.value || busy.value) return
  busy.value = true
  refused.value = await areas.put(area.value, props.documents)
  busy.value = false
  if (refused.value === '') emit('close')
}
</script>

<template>
  <PaperDialog
    :open="documents.length > 0"
    :width="560"
    label="Put into an area"
    help="areas"
    :title="`Put ${what} into an area`"
    @leave="emit('close')">
    <form @submit.prevent="send">
      <LineField
        v-if="areas.all.length > MANY"
        v-model="typed"
        class="line-field"
        aria-label="Part of its name or purpose"
        placeholder="part of its name or purpose"
        data-begins
        autocomplete="off" />
      <div :data-begins="areas.all.length <= MANY || undefined">
        <v-radio-group v-model="chosen" class="radio-field areas" aria-label="Areas">
          <v-radio v-for="one in found" :key="one.folderId" :value="one.folderId" density="compact">
            <template #label>
              <span class="area">
                <b>{{ one.name }}</b><span v-if="one.of" class="quiet"> of {{ one.of.from }}</span>
                <span v-if="one.purpose" class="second purpose">{{ one.purpose }}</span>
                <span v-if="one.given" class="quiet">{{ one.given }}</span>
              </span>
            </template>
          </v-radio>
        </v-radio-group>
      </div>
      <p v-if="found.length === 0" class="quiet">No area is called so.</p>
      <p v-if="area" class="second" role="status">{{ does }}</p>
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act main" :disabled="!area || busy" @click="send">Put it in <span class="key">Enter</span></v-btn>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.areas {
  max-height: 320px;
  overflow-y: auto;
}
.area {
  display: grid;
  padding: 4px 0;
  color: var(--ink);
}
.purpose {
  font-family: var(--serif);
}
</style>
