<script setup lang="ts">
// The head of a folder's page: band, path, code and name, purpose, and what is in it.
import { computed } from 'vue'
import type { PlanFolder } from '../../../contract/plan'
import { counted } from '../../../core/change/index'
import { agoText } from '../../../core/dates/index'
import { childrenOf } from '../../../core/tree/index'
import { useRename } from '../../composables/useRename'
import { useNow } from '../../composables/useNow'
import { useActs } from '../../stores/acts'
import { useDialogs } from '../../stores/dialogs'
import { useGivenTexts } from '../../stores/givenTexts'
import { useLocks } from '../../stores/locks'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useSession } from '../../stores/session'
import NameField from '../common/NameField.vue'
import StarButton from '../common/StarButton.vue'
import LockState from '../lock/LockState.vue'
import TextEdit from '../common/TextEdit.vue'

const props = defineProps<{ folder: PlanFolder; renaming: boolean }>()
const emit = defineEmits<{ rename: []; renamed: [] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const acts = useActs()
const [texts, dialogs, session] = [useGivenTexts(), useDialogs(), useSession()]
const rename = useRename()
const now = useNow()
const starred = computed(() => plan.starredFolders.has(props.folder.id))
const locks = useLocks()
const lock = computed(() => locks.ofFolder(props.folder.id))
const below = computed(() => plan.totals.get(props.folder.id) ?? 0)
const own = computed(() => plan.reply?.counts[props.folder.id] ?? 0)
const children = computed(() => childrenOf(plan.tree, props.folder.id).length)
const facts = computed(() =>
  [counted(own.value, 'document'), ...(children.value > 0 ? [counted(children.value, 'folder')] : [])].join(' · '),
)
</script>

<template>
  <header class="head">
    <div class="title">
      <span v-if="placeNames.codeOf(folder.id)" class="code">{{ placeNames.codeOf(folder.id) }}</span>
      <div class="names">
        <NameField
          v-if="renaming"
          :value="folder.name"
          :label="`New name of ${folder.name}`"
          :keep="rename({ kind: 'folder', id: folder.id })"
          @kept="emit('renamed')"
          @cancel="emit('renamed')" />
        <h1 v-else :title="'F2 renames it'" @dblclick="emit('rename')">
          {{ folder.name }}
          <StarButton
            :starred="starred"
            :name="folder.name"
            @toggle="acts.act({ kind: 'star', folderIds: [folder.id], documentIds: [], on: !starred })" />
        </h1>
        <TextEdit
          :value="folder.purpose"
          label="Purpose"
          empty="What belongs here? Write its purpose…"
          serif
          @keep="acts.act({ kind: 'folder.describe', id: folder.id, purpose: $event })" />
        <p v-if="folder.area || texts.givenText(folder.id)" class="second">
          <b v-if="folder.area">Area.</b>
          {{ texts.givenText(folder.id) || 'Nobody else sees it yet.' }}
          <v-btn
            v-if="!session.isGuest"
            class="place"
            @click="dialogs.give = [{ kind: 'folder', id: folder.id, name: folder.name }]"
            >Give…</v-btn
          >
        </p>
        <p v-if="lock" class="second">
          <b>Contents</b> <LockState :thing="{ kind: 'folder', id: folder.id, name: folder.name }" :lock-id="lock.id" />
        </p>
      </div>
    </div>
    <p class="facts">
      {{ facts }}<br />
      <template v-if="below !== own"> {{ counted(below, 'document') }} with all below<br /> </template>
      changed {{ agoText(folder.changedAt, now) }}
    </p>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  gap: 24px;
  justify-content: space-between;
  align-items: flex-start;
  padding: 8px 0 10px;
}
.title {
  display: flex;
  gap: 16px;
  min-width: 0;
  flex: 1;
}
.code {
  font-family: var(--serif);
  font-size: 27px;
  font-weight: 700;
  line-height: 34px;
  flex: none;
}
.names {
  min-width: 0;
  flex: 1;
  max-width: 560px;
}
h1 {
  font-size: 24px;
  line-height: 34px;
  overflow-wrap: anywhere;
}
.facts {
  text-align: right;
  color: var(--ink-2);
  flex: none;
  padding-top: 8px;
  font-size: 13px;
}
</style>
