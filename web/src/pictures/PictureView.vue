<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { alter } from '../farm/data'
import { farmNow } from '../farm/now'
import { useSession } from '../session'
import { attempt } from '../shell/attempt'
import { notice } from '../shell/notice'
import { sayDay } from '../words/days'
import { beside, besides, inOrder, type Picture } from './spots'

/** A picture as large as the screen, with another day of its spot beside it. */
const PICTURE = '/api/farms/{farmId}/pictures/{pictureId}'
const props = defineProps<{ pictures: Picture[]; open: string }>()
const emit = defineEmits<{ turn: [string | null] }>()
const session = useSession()
const one = computed(() => props.pictures.find((p) => p.id === props.open))
const other = ref<Picture>()
watch(
  () => props.open,
  () => (other.value = one.value && beside(props.pictures, one.value)),
  { immediate: true },
)
const shown = computed(() =>
  one.value && other.value ? inOrder(one.value, other.value) : one.value ? [one.value] : [],
)
const choices = computed(() => (one.value ? besides(props.pictures, one.value) : []))
const whole = (p: Picture) => `/api/farms/${farmNow()}/pictures/${p.id}`
const day = (p: Picture) => `${sayDay(p.takenOn)} ${p.takenOn.slice(0, 4)}`
const path = computed(() => ({ pictureId: props.open }))

const measure = () => attempt(() => alter('POST', `${PICTURE}/green-cover`, { path: path.value }))
const withoutPlace = () => attempt(() => alter('DELETE', `${PICTURE}/place`, { path: path.value }))
function remove() {
  const gone = path.value
  return attempt(async () => {
    await alter('DELETE', PICTURE, { path: gone })
    emit('turn', null)
    notice.show('The picture is taken out.', 'Undo', () =>
      attempt(() => alter('POST', `${PICTURE}/restore`, { path: gone })),
    )
  })
}
</script>

<template>
  <v-dialog :model-value="true" max-width="1180" @update:model-value="emit('turn', null)">
    <section v-if="one" class="card">
      <div class="pair" :class="{ two: shown.length === 2 }">
        <figure v-for="p in shown" :key="p.id">
          <img :src="whole(p)" :alt="`Picture of ${day(p)}`" :width="p.width" :height="p.height" />
          <figcaption>
            <b>{{ day(p) }}</b>
            <template v-if="p.green !== undefined">
              · {{ session.amount(p.green, 'SHARE') }} of the ground is green
            </template>
            <span v-if="p.by" class="muted"> · {{ p.by }}</span>
          </figcaption>
        </figure>
      </div>
      <div v-if="choices.length" class="row others" aria-label="Beside it">
        <span class="muted">{{
          one.spot >= 0 && beside(pictures, one) ? 'The same spot on' : 'Beside it'
        }}</span>
        <button
          v-for="p in choices"
          :key="p.id"
          class="link"
          :aria-pressed="other?.id === p.id"
          @click="other = other?.id === p.id ? undefined : p"
        >
          {{ day(p) }}
        </button>
      </div>
      <div class="row mt-2">
        <template v-if="session.operator">
          <v-btn variant="outlined" size="small" @click="measure">
            {{ one.green === undefined ? 'Measure green cover' : 'Measure again' }}
          </v-btn>
          <v-btn v-if="one.place" variant="outlined" size="small" @click="withoutPlace">
            Take its place off
          </v-btn>
          <v-btn variant="text" size="small" @click="remove">Take it out</v-btn>
        </template>
        <span v-if="one.place" class="muted grow">
          at {{ one.place.latitude.toFixed(5) }}, {{ one.place.longitude.toFixed(5) }}
        </span>
        <span v-else class="grow" />
        <v-btn color="primary" @click="emit('turn', null)">Close</v-btn>
      </div>
    </section>
  </v-dialog>
</template>

<style scoped>
.pair {
  display: grid;
  gap: 12px;
}
.two {
  grid-template-columns: 1fr 1fr;
}
figure {
  margin: 0;
}
img {
  display: block;
  width: 100%;
  height: auto;
  max-height: 66vh;
  object-fit: contain;
  background: var(--soil-band);
  border-radius: 6px;
}
.others {
  margin-top: 6px;
}
.link {
  min-height: 36px;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.link[aria-pressed='true'] {
  font-weight: 680;
  text-decoration: none;
}
@media (max-width: 600px) {
  .two {
    grid-template-columns: 1fr;
  }
  .link {
    min-height: 44px;
  }
}
</style>
