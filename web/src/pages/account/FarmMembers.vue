<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { ask } from '../../shell/ask'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'

/** Who works on the farm, and links for those who are to come. */
const session = useSession()
const MEMBERS = '/api/farms/{farmId}/members'
const { data: members } = useRead(MEMBERS)
const { data: links } = useRead('/api/farms/{farmId}/invitations', () =>
  session.owner ? {} : null,
)
/** A farm keeps at least one owner. */
const mayLeave = computed(
  () => !session.owner || (members.value ?? []).filter((m) => m.role === 'owner').length > 1,
)
const made = ref<{ label: string; url: string } | null>(null)
type Role = Schemas['RoleInput']['role']
const form = ref<{ label: string; role: Role }>({ label: '', role: 'operator' })
const roles = [
  { title: 'owner: plans', value: 'owner' },
  { title: 'operator: logs work and counts', value: 'operator' },
  { title: 'viewer: sees', value: 'viewer' },
]

const invite = () =>
  attempt(async () => {
    const link = await alter('POST', '/api/farms/{farmId}/invitations', {
      body: form.value,
    })
    made.value = { label: link.label, url: `${location.origin}/invite/${link.secret}` }
    form.value = { label: '', role: 'operator' }
  })
/** For who forgot their password: a link by which they set a new one themselves. */
const resetLink = (m: { id: string; name: string }) =>
  attempt(async () => {
    const link = await alter('POST', `${MEMBERS}/{accountId}/password-link`, {
      path: { accountId: m.id },
    })
    const url = `${location.origin}/new-password/${link.secret}`
    made.value = { label: `${m.name} to set a new password, good for a day`, url }
  })
const takeBack = (id: string) =>
  attempt(async () => {
    await alter('DELETE', '/api/farms/{farmId}/invitations/{id}', { path: { id } })
    made.value = null
  })
const setRole = (accountId: string, role: Role) =>
  attempt(async () => {
    await alter('PUT', `${MEMBERS}/{accountId}`, {
      path: { accountId },
      body: { role },
    })
  })
const remove = (accountId: string) =>
  attempt(async () => {
    await alter('DELETE', `${MEMBERS}/{accountId}`, {
      path: { accountId },
    })
  })
const leave = (accountId: string) =>
  attempt(async () => {
    const farm = session.farm?.name ?? ''
    const what = `Leave ${farm}? Only an owner can let you in again.`
    if (!(await ask(what, 'Leave', 'Stay'))) return
    await alter('DELETE', `${MEMBERS}/{accountId}`, { path: { accountId } })
    await session.load()
    notice.show(`You are no longer on ${farm}.`)
  })
const copy = () =>
  attempt(async () => {
    // A browser keeps its clipboard back where the address is not a safe one.
    if (!window.isSecureContext) return notice.show('Mark the link and copy it by hand.')
    await navigator.clipboard.writeText(made.value?.url ?? '')
    notice.show('Copied.')
  })
</script>

<template>
  <section class="card mb-4">
    <h2 class="mb-2">Who works on {{ session.farm?.name }}</h2>
    <table class="plain">
      <tbody>
        <tr v-for="m in members" :key="m.id">
          <td>{{ m.name }}</td>
          <td class="muted">{{ m.email }}</td>
          <td>
            <v-select
              v-if="session.owner && m.email !== session.state?.email"
              :model-value="m.role"
              :items="roles"
              :aria-label="`What ${m.name} may do`"
              density="compact"
              hide-details
              @update:model-value="setRole(m.id, $event)"
            />
            <template v-else>{{ m.role }}</template>
          </td>
          <td class="n">
            <template v-if="m.email === session.state?.email">
              <button v-if="mayLeave" class="rust" @click="leave(m.id)">Leave</button>
            </template>
            <template v-else-if="session.owner">
              <button class="link mr-3" @click="resetLink(m)">Forgot the password</button>
              <button class="rust" @click="remove(m.id)">Take off</button>
            </template>
          </td>
        </tr>
        <tr v-for="l in links" :key="l.id">
          <td>{{ l.label }}</td>
          <td class="muted">
            link not used yet, good until {{ sayDay(l.expiresAt.slice(0, 10)) }}
          </td>
          <td>{{ l.role }}</td>
          <td class="n"><button class="rust" @click="takeBack(l.id)">Take back</button></td>
        </tr>
      </tbody>
    </table>
    <div v-if="made" class="made" data-test="invite">
      The link for {{ made.label }}, shown this once and good for one person:
      <code>{{ made.url }}</code>
      <v-btn size="small" variant="outlined" class="ml-2" @click="copy">Copy</v-btn>
    </div>
    <form v-if="session.owner" class="row mt-4" @submit.prevent="invite">
      <v-text-field v-model="form.label" label="Who the link is for" style="max-width: 260px" />
      <v-select v-model="form.role" label="May" :items="roles" style="max-width: 280px" />
      <v-btn type="submit" variant="outlined" :disabled="!form.label.trim()">Make a link</v-btn>
    </form>
  </section>
</template>

<style scoped>
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
