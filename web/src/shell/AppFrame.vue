<script setup lang="ts">
import { mdiMagnify } from '@mdi/js'
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useDisplay } from 'vuetify'
import AskDialog from './AskDialog.vue'
import DayPicker from './DayPicker.vue'
import FoundFarm from './FoundFarm.vue'
import JumpTo from './JumpTo.vue'
import PhoneBar from './PhoneBar.vue'
import SeasonPicker from './SeasonPicker.vue'
import ShortcutList from './ShortcutList.vue'
import { useOthers } from '../farm/others'
import { keepHere } from '../phone/ask'
import { useSession } from '../session'
import { sayDay, sayFullDay } from '../words/days'
import { arrive } from './arrival'
import { notice } from './notice'
import { isOn, more, pages } from './pages'
import WaitingBar from './WaitingBar.vue'
import WaysBar from './WaysBar.vue'

const session = useSession()
const router = useRouter()
const route = useRoute()
const { smAndDown } = useDisplay()
const jump = ref(false)
const shortcuts = ref(false)
const dayPicker = ref(false)

const farm = computed(() => session.farm)

function typing(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  return target.closest('input, textarea, select, [contenteditable]') !== null
}

function onKey(event: KeyboardEvent) {
  if (typing(event) || event.ctrlKey || event.metaKey || event.altKey) return
  if (event.key === '/') {
    event.preventDefault()
    jump.value = true
  } else if (event.key === '?') {
    shortcuts.value = true
  } else if (/^[1-9]$/.test(event.key)) {
    const page = pages[Number(event.key) - 1]
    if (page) void router.push(page.to)
  }
}

useOthers()
onMounted(() => {
  if (smAndDown.value) keepHere()
})
useEventListener('keydown', onKey)
watch(() => route.path, arrive)
</script>

<template>
  <a class="skip no-print" href="#page" @click.prevent="arrive">Skip to the page</a>
  <v-app-bar flat height="52" class="bar">
    <router-link to="/today" class="name">Nimble&nbsp;Furrow</router-link>
    <nav v-if="!smAndDown" class="pages" aria-label="Pages">
      <router-link v-for="p in pages" :key="p.to" :to="p.to" :class="{ on: isOn(p, route.path) }">{{
        p.name
      }}</router-link>
      <button class="more">
        More
        <v-menu activator="parent">
          <v-list density="compact">
            <v-list-item
              v-for="p in more"
              :key="p.to"
              :to="p.to"
              :title="p.name"
              :prepend-icon="p.icon"
            />
          </v-list>
        </v-menu>
      </button>
    </nav>
    <v-spacer />
    <button class="find" title="Find a field (/)" aria-label="Find a field" @click="jump = true">
      <v-icon v-if="smAndDown" :icon="mdiMagnify" />
      <template v-else>Find <kbd>/</kbd></template>
    </button>
    <SeasonPicker v-if="farm" />
    <button
      v-if="farm"
      class="day"
      :title="farm.demo ? 'Set the day of the demo' : farm.name"
      @click="dayPicker = farm.demo && session.owner"
    >
      <span v-if="!smAndDown && session.season === farm.thisSeason">{{ farm.name }} · </span
      >{{ smAndDown ? sayDay(farm.today) : sayFullDay(farm.today) }}
      <span v-if="farm.demo" class="demo">demo</span>
    </button>
  </v-app-bar>
  <v-main id="page">
    <FoundFarm v-if="!farm" />
    <template v-else>
      <WaitingBar />
      <WaysBar />
      <router-view :key="farm.id" />
    </template>
  </v-main>
  <PhoneBar v-if="smAndDown" />
  <AskDialog />
  <JumpTo v-model="jump" />
  <ShortcutList v-model="shortcuts" />
  <DayPicker v-model="dayPicker" />
  <v-snackbar v-model="notice.open" :timeout="6000" location="bottom" color="#33281f">
    {{ notice.text }}
    <template v-if="notice.action" #actions>
      <v-btn variant="text" color="#e3c98e" @click="notice.act()">{{ notice.action }}</v-btn>
    </template>
  </v-snackbar>
</template>

<style scoped>
.skip {
  position: fixed;
  z-index: 3000;
  top: 8px;
  left: 8px;
  padding: 10px 16px;
  border-radius: 8px;
  background: var(--plate);
  color: var(--ink);
  transform: translateY(-80px);
}
.skip:focus {
  transform: none;
}
.bar {
  background: var(--soil) !important;
  color: #f4efe6 !important;
  padding: 0 20px;
}
.name {
  color: #f4efe6;
  font-weight: 700;
  font-size: 1.02rem;
  text-decoration: none;
  letter-spacing: -0.01em;
}
.pages {
  display: flex;
  gap: 4px;
  margin-left: 28px;
}
.pages a,
.pages .more {
  color: #cfc2b0;
  text-decoration: none;
  white-space: nowrap;
  padding: 6px 9px;
  border-radius: 7px;
  font-size: 0.93rem;
}
.pages a:hover {
  color: #fff;
}
.pages a.on {
  color: #fff;
  background: #4c3d30;
}
.day {
  font-size: 0.88rem;
  color: #e8dece;
  padding: 6px 0 6px 14px;
}
.find,
.day {
  white-space: nowrap;
}
.find {
  font-size: 0.88rem;
  color: #cfc2b0;
  padding: 6px 10px;
}
kbd {
  border: 1px solid #6d5c4a;
  border-radius: 4px;
  padding: 0 5px;
  font-family: inherit;
}
.demo {
  margin-left: 6px;
  border: 1px solid #e3c98e;
  color: #e3c98e;
  border-radius: 5px;
  padding: 0 5px;
  font-size: 0.76rem;
}
@media (max-width: 700px) {
  .bar {
    padding: 0 10px;
  }
  .find {
    min-width: 44px;
    min-height: 44px;
  }
}
</style>
