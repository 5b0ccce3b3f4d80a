<script setup lang="ts">
import 'ol/ol.css'
import Feature from 'ol/Feature'
import OlMap from 'ol/Map'
import View from 'ol/View'
import { ScaleLine } from 'ol/control'
import MultiPolygon from 'ol/geom/MultiPolygon'
import Point from 'ol/geom/Point'
import VectorLayer from 'ol/layer/Vector'
import { fromLonLat } from 'ol/proj'
import VectorSource from 'ol/source/Vector'
import { Fill, Stroke, Style, Text } from 'ol/style'
import { onBeforeUnmount, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useTheme } from 'vuetify'
import type { Furrow } from '../../api/client'
import { read } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { painted, type By, type Legend } from './paint'
import { toward } from './toward'

/** Where a name stands in its field, how wide its halo is, and how near one may go. */
const [LABEL_AT, HALO, NEAREST] = [0.78, 3, 19]
type Box = [number, number, number, number]
const session = useSession()
const router = useRouter()
const theme = useTheme()
const holder = useTemplateRef<HTMLElement>('holder')
const by = ref<By>('next')
const picked = shallowRef<Furrow | null>(null)
const trouble = ref('')
const source = new VectorSource()
let map: OlMap | undefined

const css = (name: string) =>
  getComputedStyle(document.querySelector('.v-application')!).getPropertyValue(name).trim()

const legend = ref<Legend[]>([])

const paint = (f: Furrow) =>
  painted(f, by.value, css, { good: session.usual('goodOdds'), fair: session.usual('fairOdds') })

/** Where a field's name stands: inside it, clear of a hole in its middle. */
function labelPoint(feature: Feature): Point | undefined {
  const shape = feature.getGeometry() as MultiPolygon
  const holes = shape.getPolygons().some((p) => p.getLinearRingCount() > 1)
  if (!holes) return undefined
  const [left, bottom, right, top] = shape.getExtent() as Box
  const place = [(left + right) / 2, bottom + LABEL_AT * (top - bottom)]
  return shape.intersectsCoordinate(place) ? new Point(place) : undefined
}

function style(feature: Feature): Style[] {
  const f = feature.get('furrow') as Furrow
  const chosen = picked.value?.fieldId === f.fieldId
  const area = new Style({
    fill: new Fill({ color: paint(f).color }),
    stroke: new Stroke({ color: css(chosen ? '--rust' : '--line'), width: chosen ? 3 : 1.2 }),
  })
  const name = new Style({
    geometry: (f) => labelPoint(f as Feature) ?? (f.getGeometry() as MultiPolygon),
    text: new Text({
      text: `${f.name}\n${paint(f).name}`,
      font: '600 12px "Archivo Variable", sans-serif',
      overflow: true,
      fill: new Fill({ color: css('--ink') }),
      stroke: new Stroke({ color: css('--plate'), width: HALO }),
    }),
  })
  return [area, name]
}

function repaint() {
  const names = new Map<string, Legend>()
  source.getFeatures().forEach((feature) => {
    const key = paint(feature.get('furrow') as Furrow)
    names.set(key.name, key)
  })
  legend.value = [...names.values()].sort((a, b) => a.name.localeCompare(b.name))
  source.changed()
}

onMounted(async () => {
  await attempt(
    async () => {
      const [shapes, season] = await Promise.all([
        read('/api/farms/{farmId}/shapes'),
        read('/api/farms/{farmId}/season'),
      ])
      const furrows = new Map(season.furrows.map((f) => [f.fieldId, f]))
      for (const shape of shapes) {
        const polygons = shape.polygons.map((p) =>
          p.map((ring) => ring.map((at) => fromLonLat(at))),
        )
        const feature = new Feature({
          geometry: new MultiPolygon(polygons),
          furrow: furrows.get(shape.fieldId),
        })
        if (furrows.has(shape.fieldId)) source.addFeature(feature)
      }
      if (!source.getFeatures().length) {
        trouble.value = 'No field has a boundary yet.'
        return
      }
      map = new OlMap({
        target: holder.value!,
        layers: [new VectorLayer({ source, style: (f) => style(f as Feature), declutter: true })],
        view: new View({ maxZoom: NEAREST }),
      })
      map.addControl(new ScaleLine({ units: session.units === 'us' ? 'us' : 'metric' }))
      map.getView().fit(source.getExtent()!, { padding: [30, 30, 30, 30] })
      map.on('click', (event) => {
        const hit = map!.forEachFeatureAtPixel(event.pixel, (f) => f.get('furrow') as Furrow)
        picked.value = hit ?? null
        source.changed()
      })
      repaint()
    },
    (refusal) => (trouble.value = refusal.message),
  )
})
/** By keys from field to field; what is picked stays in sight. */
function key(event: KeyboardEvent) {
  if (event.key === 'Enter' && picked.value) void router.push('/fields/' + picked.value.fieldId)
  const places = source.getFeatures().map((feature) => {
    const [left, bottom, right, top] = feature.getGeometry()!.getExtent() as Box
    return { x: (left + right) / 2, y: (bottom + top) / 2, at: feature.get('furrow') as Furrow }
  })
  const from = places.find((p) => p.at.fieldId === picked.value?.fieldId)
  const to = toward(event.key, from, places)
  if (!to) return
  event.preventDefault()
  picked.value = to.at
  source.changed()
  const [left, bottom, right, top] = map!.getView().calculateExtent() as Box
  const seen = to.x > left && to.x < right && to.y > bottom && to.y < top
  if (!seen) map!.getView().setCenter([to.x, to.y])
}
watch([by, () => theme.global.name.value], repaint)
onBeforeUnmount(() => map?.setTarget(undefined))
</script>

<template>
  <div class="mappage">
    <header class="row">
      <h1 class="grow">Map</h1>
      <v-btn-toggle v-model="by" mandatory density="compact" variant="outlined" divided>
        <v-btn value="next">What is next</v-btn>
        <v-btn value="crop">Crop</v-btn>
        <v-btn value="odds">Odds</v-btn>
      </v-btn-toggle>
    </header>
    <div v-if="trouble" class="card my-4">
      {{ trouble }} <router-link to="/fields/import">Import boundaries</router-link>
    </div>
    <ul class="legend">
      <li v-for="l in legend" :key="l.name">
        <i :style="{ background: l.color }"></i>{{ l.name }}
      </li>
    </ul>
    <div v-show="!trouble" class="frame">
      <div
        ref="holder"
        class="map"
        role="application"
        tabindex="0"
        aria-label="Map of the farm's fields: arrows go from field to field, Enter opens one"
        @keydown="key"
      ></div>
      <div v-if="picked" class="card picked" role="status">
        <h2>{{ picked.name }}</h2>
        <p class="muted">
          {{ session.amount(picked.areaHa, 'HA') }} · {{ picked.crop }} → {{ picked.nextCrop }}
        </p>
        <p class="my-2">{{ picked.coverWords || session.reason(picked.next.reason) }}</p>
        <v-btn variant="outlined" size="small" @click="router.push('/fields/' + picked!.fieldId)"
          >Open the field</v-btn
        >
      </div>
    </div>
  </div>
</template>

<style scoped>
.mappage {
  padding: 14px 20px;
  max-width: 1500px;
  margin: 0 auto;
}
.frame {
  position: relative;
  height: calc(100dvh - 52px - 118px);
  margin-top: 10px;
  border: 1px solid var(--rule);
  border-radius: 10px;
  overflow: hidden;
  background: color-mix(in srgb, var(--soil-band) 40%, rgb(var(--v-theme-surface)));
}
.map {
  width: 100%;
  height: 100%;
}
.map:focus-visible {
  outline: 3px solid var(--sky);
  outline-offset: -3px;
}
.legend {
  list-style: none;
  padding: 8px 0 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  font-size: 0.85rem;
}
.legend i {
  display: inline-block;
  width: 14px;
  height: 14px;
  border: 1px solid var(--line);
  border-radius: 3px;
  margin-right: 8px;
  vertical-align: -2px;
}
.picked {
  position: absolute;
  right: 12px;
  top: 12px;
  width: min(300px, calc(100% - 24px));
}
@media (max-width: 700px) {
  .frame {
    height: calc(100dvh - 52px - 58px - 120px);
  }
  .mappage {
    padding: 10px 12px;
  }
}
</style>
