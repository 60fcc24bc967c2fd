<script setup lang="ts">
// One's own account: space, sessions, password and address, what could not be taken in, and leaving.
import { ref } from 'vue'
import type { DeletionRequest } from '../../contract/account'
import { agoText, timeText } from '../../core/dates/index'
import { sizeText } from '../../core/formats/index'
import EmailForm from '../components/account/EmailForm.vue'
import MailNews from '../components/account/MailNews.vue'
import NameForm from '../components/account/NameForm.vue'
import LeaveDialog from '../components/account/LeaveDialog.vue'
import PasswordForm from '../components/account/PasswordForm.vue'
import SessionList from '../components/account/SessionList.vue'
import RemoteState from '../components/common/RemoteState.vue'
import { useAccount } from '../stores/account'
import { archiveAddress } from '../stores/content'
import { usePlan } from '../stores/plan'
import { useSession } from '../stores/session'

const [account, plan, session] = [useAccount(), usePlan(), useSession()]
const isLeaving = ref(false)

async function leave(form: DeletionRequest): Promise<void> {
  await session.deleteAccount(form)
  plan.forget()
  await navigateTo('/sign-in')
}
account.said = ''
void account.load()
const now = Date.now()
</script>

<template>
  <div class="account">
    <RemoteState :remote="account.facts" @again="account.load()">
      <template v-if="account.facts.state === 'ready'">
        <h1>{{ account.facts.value.name || account.facts.value.email }}</h1>
        <p class="said" role="status" aria-live="polite">
          {{ account.said }}
        </p>

        <section aria-labelledby="space">
          <h2 id="space">Space</h2>
          <p>
            Your documents, with their versions and the Trash, take
            {{ sizeText(account.facts.value.quota.usedBytes) }} of {{ sizeText(account.facts.value.quota.limitBytes) }}.
            <template v-if="account.facts.value.quota.openUploads > 0">
              {{ account.facts.value.quota.openUploads.toLocaleString('en-GB') }} uploads are on their way.
            </template>
          </p>
          <v-progress-linear
            :model-value="(100 * account.facts.value.quota.usedBytes) / account.facts.value.quota.limitBytes"
            aria-label="Space that is used"
            class="bar" />
          <p class="second">
            {{
              account.facts.value.backedUpAt
                ? `All of this Hembix was last backed up ${agoText(account.facts.value.backedUpAt, now)} ` +
                  `(${timeText(account.facts.value.backedUpAt)}).`
                : 'No backup is planned on this Hembix. Whoever runs it can set HEMBIX_BACKUP_DIR.'
            }}
          </p>
        </section>

        <section v-if="account.facts.value.laidAside.length > 0" aria-labelledby="aside">
          <h2 id="aside">Could not be taken in</h2>
          <p class="second">
            Files from the arrivals folder. Each still lies where it says, with the reason beside it.
          </p>
          <ul class="aside">
            <li v-for="file in account.facts.value.laidAside" :key="file.id">
              <b>{{ file.fileName }}</b>
              <span>{{ file.reason }}</span>
              <span class="second path">{{ file.path }} · {{ timeText(file.at) }}</span>
              <v-btn class="act" :aria-label="`Take ${file.fileName} off the list`" @click="account.forget(file.id)">
                Off the list
              </v-btn>
            </li>
          </ul>
        </section>

        <section aria-labelledby="name">
          <h2 id="name">Your name</h2>
          <NameForm :name="account.facts.value.name" :save="account.changeName" />
        </section>

        <section aria-labelledby="mail">
          <h2 id="mail">Mail</h2>
          <MailNews :mail="account.facts.value.mail" @news="account.setMailNews" />
        </section>

        <section aria-labelledby="sessions">
          <h2 id="sessions">Where you are signed in</h2>
          <SessionList :sessions="account.facts.value.sessions" :now="now" @end="account.endSession($event)" />
          <p v-if="account.others > 0" class="others">
            <v-btn class="act main" @click="account.endOthers()"> End all others </v-btn>
          </p>
        </section>

        <section v-if="account.facts.value.hasPassword" aria-labelledby="password">
          <h2 id="password">Password</h2>
          <PasswordForm :save="account.changePassword" />
        </section>

        <section v-if="account.facts.value.hasPassword" aria-labelledby="email">
          <h2 id="email">E-mail address</h2>
          <EmailForm :save="account.changeEmail" />
        </section>

        <section aria-labelledby="take-out">
          <h2 id="take-out">Take everything out</h2>
          <p>All documents in one ZIP, in folders that are named as they are written.</p>
          <p class="others">
            <a class="act main" :href="archiveAddress({ folderIds: [], documentIds: [] })" download
              >Download the plan</a
            >
          </p>
        </section>

        <section v-if="account.facts.value.hasPassword" aria-labelledby="leave">
          <h2 id="leave">Delete the account</h2>
          <p>With everything in it, for good.</p>
          <p class="others"><v-btn class="act" @click="isLeaving = true">Delete the account…</v-btn></p>
          <LeaveDialog
            :open="isLeaving"
            :plan-name="plan.reply?.plan.name ?? ''"
            :what="`All documents (${sizeText(account.facts.value.quota.usedBytes)})`"
            :leave="leave"
            @close="isLeaving = false" />
        </section>
      </template>
    </RemoteState>
  </div>
</template>

<style scoped>
.account {
  padding: 14px 24px 60px;
  max-width: 860px;
  overflow-y: auto;
  height: 100%;
}
h1 {
  font-size: 24px;
}
h2 {
  font-size: 17px;
  margin-bottom: 6px;
}
section {
  border-top: 1px solid var(--rule-strong);
  padding: 12px 0 18px;
}
.said {
  min-height: 24px;
  color: var(--act);
}
.bar {
  max-width: 400px;
  margin: 8px 0;
}
.others {
  margin-top: 10px;
}
.aside {
  list-style: none;
  padding: 0;
}
.aside li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  border-bottom: 1px solid var(--rule);
  padding: 6px 0;
}
.aside li > span {
  grid-column: 1;
}
.aside li > .v-btn {
  grid-column: 2;
  grid-row: 1 / span 3;
  align-self: center;
}
.path {
  overflow-wrap: anywhere;
}
</style>
