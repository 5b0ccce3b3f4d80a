<script setup lang="ts">
import { alter, useRead } from '../../farm/data'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'

/** Where one is signed in; a phone that was lost is signed out from here. */
const { data: places } = useRead('/api/account/sessions')
const end = (id: string) =>
  attempt(async () => {
    await alter('DELETE', '/api/account/sessions/{id}', { path: { id } })
    notice.show('Signed out there.')
  })
</script>

<template>
  <section class="card mb-4">
    <h2 class="mb-2">Where you are signed in</h2>
    <table class="plain">
      <tbody>
        <tr v-for="p in places" :key="p.id">
          <td>{{ sentence(p.device) }}<b v-if="p.here">, this one</b></td>
          <td class="muted">since {{ sayDay(p.begunAt.slice(0, 10)) }}</td>
          <td class="muted">last used {{ sayDay(p.lastUsedAt.slice(0, 10)) }}</td>
          <td class="n">
            <button v-if="!p.here" class="rust" @click="end(p.id)">Sign out there</button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
