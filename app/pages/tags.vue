<script setup lang="ts">
// All tags with what carries them: renamed, merged, given an ink of the key, hidden, deleted once for all.
import FirstMeeting from '../components/help/FirstMeeting.vue'
import HelpSign from '../components/help/HelpSign.vue'
import { computed, ref } from 'vue'
import type { Tag } from '../../contract/plan'
import { counted } from '../../core/change/index'
import type { TagId } from '../../core/ids'
import { foldedText } from '../../core/text/index'
import MeaningMark from '../components/common/MeaningMark.vue'
import NameField from '../components/common/NameField.vue'
import RemoteState from '../components/common/RemoteState.vue'
import { useActs } from '../stores/acts'
import { useNotice } from '../stores/notice'
import { usePlan } from '../stores/plan'
import { useTagList } from '../stores/tagList'
import { useColourKey } from '../stores/colourKey'
import ChoiceField from '../components/base/ChoiceField.vue'
import LineField from '../components/base/LineField.vue'
import TickBox from '../components/base/TickBox.vue'
import DropTagDialog from '../components/tags/DropTagDialog.vue'
import MergeTagDialog from '../components/tags/MergeTagDialog.vue'

const [plan, acts] = [usePlan(), useActs()]
const tagList = useTagList()
const colourKey = useColourKey()
const notices = useNotice()
const narrow = ref('')
const renaming = ref<TagId | null>(null)
const merging = ref<Tag | null>(null)
const dropping = ref<Tag | null>(null)
/** The one that has the wanted name already. */
const twin = ref<Tag | null>(null)
const byCount = ref(false)

const shown = computed(() => {
  const terms = foldedText(narrow.value)
  const found = tagList.tags.filter(tag => tag.folded.includes(terms))
  return byCount.value ? [...found].sort((a, b) => b.count - a.count) : found
})

const set = (tag: Tag, more: Partial<Pick<Tag, 'name' | 'meaningId' | 'hidden'>>) =>
  acts.act(
    { kind: 'tag.set', id: tag.id, name: tag.name, meaningId: tag.meaningId, hidden: tag.hidden, ...more },
    { quiet: true },
  )

async function change(tag: Tag, more: Partial<Pick<Tag, 'meaningId' | 'hidden'>>): Promise<void> {
  const outcome = await set(tag, more)
  if (!outcome.ok) notices.refuse(outcome.reason)
}

/** Keeps a new name; a name that is taken offers to merge the two. */
async function rename(tag: Tag, name: string) {
  const outcome = await set(tag, { name })
  if (!outcome.ok && outcome.reason.code === 'tag.twin') {
    twin.value = tagList.tags.find(other => other.folded === foldedText(name)) ?? null
    if (twin.value) merging.value = tag
  }
  return outcome
}

function askMerge(tag: Tag): void {
  twin.value = null
  merging.value = tag
}

const inkOf = (tag: Tag) => (tag.meaningId === null ? undefined : colourKey.meaningById.get(tag.meaningId))
</script>

<template>
  <div class="tags">
    <div class="titled">
      <h1>Tags</h1>
      <HelpSign topic="tag" />
    </div>
    <FirstMeeting topic="tag" />
    <p class="second lead">
      Words on documents and folders that cut across the plan. A tag is put on with T, or on the card; here it is put
      right for all that carry it.
    </p>
    <RemoteState :remote="plan.outline" @again="plan.load()">
      <div v-if="tagList.tags.length === 0" class="empty">
        <h2>There is no tag yet</h2>
        <p>Select a document or a folder and write a word under “Tags” on its card.</p>
      </div>
      <template v-else>
        <p class="acts">
          <LineField
            v-model="narrow"
            class="line-field narrow"
            aria-label="Narrow the tags"
            placeholder="Narrow the tags…" />
          <TickBox v-model="byCount">most used first</TickBox>
          <span class="second">{{ counted(tagList.tags.length, 'tag') }}</span>
        </p>
        <table>
          <thead>
            <tr>
              <th scope="col">Tag</th>
              <th scope="col">On</th>
              <th scope="col">Ink</th>
              <th scope="col">Offered</th>
              <th scope="col">
                <span class="unseen">Acts</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="tag in shown" :key="tag.id" :class="{ hidden: tag.hidden }">
              <td>
                <NameField
                  v-if="renaming === tag.id"
                  :value="tag.name"
                  :label="`New name of the tag ${tag.name}`"
                  :keep="name => rename(tag, name)"
                  @kept="renaming = null"
                  @cancel="renaming = null" />
                <template v-else>
                  <MeaningMark
                    v-if="inkOf(tag)"
                    :ink="inkOf(tag)?.ink ?? ''"
                    :pattern="inkOf(tag)?.pattern ?? 'full'" />
                  <b>{{ tag.name }}</b>
                </template>
              </td>
              <td>
                <NuxtLink class="place" :to="{ path: '/find', query: { tags: tag.id } }">
                  {{ counted(tag.count, 'thing') }}
                </NuxtLink>
              </td>
              <td>
                <ChoiceField
                  class="line-field"
                  :label="`Ink of ${tag.name}`"
                  :model-value="tag.meaningId ?? ''"
                  :choices="[
                    { value: '', text: 'none' },
                    ...colourKey.meanings.map(meaning => ({ value: meaning.id, text: meaning.name })),
                  ]"
                  @update:model-value="change(tag, { meaningId: $event || null })" />
              </td>
              <td>
                <TickBox
                  :model-value="!tag.hidden"
                  :aria-label="`Offer ${tag.name} while typing`"
                  @update:model-value="change(tag, { hidden: !tag.hidden })"
                  >while typing</TickBox
                >
              </td>
              <td class="does">
                <v-btn class="place" :aria-label="`Rename ${tag.name}`" @click="renaming = tag.id"> Rename </v-btn>
                <v-btn
                  class="place"
                  :disabled="tagList.tags.length < 2"
                  :aria-label="`Merge ${tag.name}`"
                  @click="askMerge(tag)">
                  Merge…
                </v-btn>
                <v-btn class="place" :aria-label="`Delete ${tag.name}`" @click="dropping = tag"> Delete… </v-btn>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="shown.length === 0" class="quiet">No tag holds “{{ narrow }}”.</p>
      </template>
    </RemoteState>
    <MergeTagDialog :tag="merging" :twin="twin" @leave="merging = null" />
    <DropTagDialog :tag="dropping" @leave="dropping = null" />
  </div>
</template>

<style scoped>
.tags {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 26px max(24px, calc((100vw - 900px) / 2)) 30px;
}
h1 {
  font-size: 24px;
  line-height: 32px;
}
.acts {
  margin: 12px 0;
  display: flex;
  gap: 18px;
  align-items: center;
}
.narrow {
  width: 230px;
}
table {
  width: 100%;
  border-collapse: collapse;
  border-top: 2px solid var(--ink);
}
th {
  text-align: left;
  font-weight: 500;
  color: var(--ink-3);
  font-size: 12.5px;
  padding: 5px 8px 5px 0;
}
td {
  border-top: 1px solid var(--rule);
  padding: 4px 8px 4px 0;
  height: var(--row);
}
tr.hidden b {
  color: var(--ink-3);
  font-weight: 500;
}
.does {
  text-align: right;
  white-space: nowrap;
}
.does .place + .place {
  margin-left: 14px;
}
.unseen {
  position: absolute;
  clip-path: inset(50%);
}
</style>
