<script setup lang="ts">
import * as L from 'leaflet'
import 'leaflet/dist/leaflet.css'
import { inject, onMounted, onUnmounted, ref, watch } from 'vue'
import type { Coordinates, Tiles } from '../contracts/view'
import DeviceIcon from './DeviceIcon.vue'
import { entry } from './entry'
import { here } from './here'
import { missedTiles } from './missedTiles'
import { pinsOf, type Pin, type Spot } from './spots'
import type { Device } from './useDevice'
import { own } from './own'

/**
 * Spots on a map that is moved with a finger, the mouse or keys. Where no service draws maps, on the shores of the world (Natural Earth,
 * public domain).
 *
 * @param locates one may be shown where one is
 * @param aims a place is looked for: what stands in the middle is told; it begins there, or where the world is seen
 */
const props = defineProps<{
  at: string
  spots: Spot[]
  tiles?: Tiles
  label: string
  chosen?: number
  still?: boolean
  locates?: boolean
  aims?: Coordinates | null
}>()
const emit = defineEmits<{ choose: [id: number | undefined]; middle: [at: Coordinates] }>()
const device = inject('device') as Device

/** One spot alone is seen from so near; several from no nearer. */
const STREET = 14
const WORLD = 5
const deepest = () => props.tiles?.most ?? 8
const place = ref<HTMLElement>()
const failing = ref(false)
const missed = missedTiles((any) => (failing.value = any))
/** Why one is not shown where one is. */
const untold = ref('')
const seeking = ref(false)
const zoom = ref(0)
let map: L.Map | undefined
let pins = pinsOf([], 1)
let drawn = new Map<string, L.Marker>()
let size: ResizeObserver | undefined

onMounted(() => {
  map = L.map(place.value!, {
    zoomControl: false,
    attributionControl: false,
    worldCopyJump: true,
    minZoom: 1,
    maxZoom: deepest(),
    // A page is scrolled over a map; who has pressed on it means the map.
    scrollWheelZoom: false,
    zoomAnimation: !matchMedia('(prefers-reduced-motion: reduce)').matches,
    ...(props.still ? { dragging: false, keyboard: false, touchZoom: false, doubleClickZoom: false, boxZoom: false } : {}),
  })
  map.on('focus', () => !props.still && map?.scrollWheelZoom.enable()).on('blur', () => map?.scrollWheelZoom.disable())
  map.on('moveend', moved).on('click', () => emit('choose', undefined))
  if (props.tiles) ground(props.tiles)
  else void shores()
  begin()
  size = new ResizeObserver(() => map?.invalidateSize({ animate: false }))
  size.observe(place.value!)
})
onUnmounted(() => {
  size?.disconnect()
  map?.remove()
  missed.end()
})

function ground(tiles: Tiles) {
  const { set } = device.where() as { set?: string }
  const query = new URLSearchParams({ v: tiles.mark, ...(entry.deck && set ? { set } : {}) })
  L.tileLayer(`${entry.base}/tiles/{z}/{x}/{y}?${query}`, { maxZoom: tiles.most, minZoom: 0, keepBuffer: 1 })
    .on('tileerror', ({ tile }) => missed.failed(tile as HTMLImageElement))
    .on('tileload', ({ tile }) => missed.came(tile as HTMLImageElement))
    .on('tileunload', ({ tile }) => missed.gone(tile as HTMLImageElement))
    .addTo(map!)
}

async function shores() {
  const [{ default: atlas }, { feature }] = await Promise.all([import('world-atlas/land-110m.json'), import('topojson-client')])
  const topology = atlas as unknown as Parameters<typeof feature>[0]
  if (map) L.geoJSON(feature(topology, topology.objects.land), { interactive: false, style: { className: 'map-land', weight: 0, fillOpacity: 1 } }).addTo(map)
}

/** Where one is, with how near that is known. */
let me: L.LayerGroup | undefined
async function toMe() {
  seeking.value = true
  untold.value = ''
  try {
    const { latitude, longitude, accuracy } = await here()
    const at = L.latLng(latitude, longitude)
    me?.remove()
    me = L.layerGroup([
      L.circle(at, { radius: accuracy, interactive: false, className: 'map-near' }),
      L.circleMarker(at, { radius: 9, interactive: false, className: 'map-me' }),
    ]).addTo(map!)
    map!.setView(at, Math.min(deepest(), Math.max(zoom.value, STREET)))
  } catch (error) {
    untold.value = (error as Error).message
  } finally {
    seeking.value = false
  }
}

/** As it was left, or so that all is seen. */
function begin() {
  if (props.aims !== undefined) {
    map!.setView(props.aims ? [props.aims.latitude, props.aims.longitude] : [20, 0], props.aims ? Math.min(deepest(), STREET) : 2, { animate: false })
    return
  }
  pins = pinsOf(props.spots, deepest())
  const kept = ['latitude', 'longitude', 'zoom'].map((part) => device.opens[`${props.at}/map/${part}`])
  if (kept.every((part) => typeof part === 'number')) map!.setView([kept[0], kept[1]] as [number, number], kept[2] as number, { animate: false })
  else all()
}

function all() {
  const near = Math.min(deepest(), props.tiles ? STREET : WORLD)
  const points = props.spots.map(({ latitude, longitude }) => L.latLng(latitude, longitude))
  if (points.length < 2) map!.setView(points[0] ?? [20, 0], points.length ? near : 1, { animate: false })
  else map!.fitBounds(L.latLngBounds(points), { padding: [44, 44], maxZoom: near, animate: false })
}

/** Who comes back finds the map as it was. */
function keep(seen: Record<string, number>) {
  for (const [part, value] of Object.entries(seen)) device.opens[`${props.at}/map/${part}`] = value
}

function moved() {
  const { lat, lng } = map!.getCenter()
  zoom.value = map!.getZoom()
  if (props.aims !== undefined) emit('middle', { latitude: lat, longitude: L.Util.wrapNum(lng, [-180, 180], true) })
  else if (!props.still) keep({ latitude: lat, longitude: lng, zoom: zoom.value })
  draw()
}

/** Pins that stay the same stay as they are; so a finger never loses one. */
function draw() {
  const bounds = map!.getBounds().pad(0.2)
  const now = new Map<string, L.Marker>()
  for (const pin of pins(bounds.getWest(), bounds.getSouth(), bounds.getEast(), bounds.getNorth(), zoom.value)) {
    const key = `${pin.spots.map((one) => one.id).join()}:${pin.latitude}:${pin.longitude}:${pin.spots[0].title}`
    now.set(key, drawn.get(key) ?? pinned(pin))
    drawn.delete(key)
    mark(now.get(key)!, pin)
  }
  for (const gone of drawn.values()) gone.remove()
  drawn = now
}

function pinned(pin: Pin): L.Marker {
  const one = pin.spots.length === 1
  const shape = document.createElement('span')
  shape.className = one ? 'map-pin' : 'map-pins'
  if (!one) shape.textContent = pin.spots.length > 999 ? '999+' : String(pin.spots.length)
  const icon = L.divIcon({ html: shape, className: 'map-place', iconSize: [48, 48], iconAnchor: one ? [24, 44] : [24, 24] })
  const marker = L.marker([pin.latitude, pin.longitude], { icon, keyboard: !props.still, interactive: !props.still }).addTo(map!)
  const label = one ? pin.spots[0].title : own('{0} places here', pin.spots.length)
  marker.getElement()?.setAttribute('aria-label', label)
  marker.getElement()?.addEventListener('keydown', (event) => {
    if (event.key !== 'Enter' && event.key !== ' ') return
    event.preventDefault()
    pressed(pin)
  })
  marker.on('click', () => pressed(pin))
  return marker
}

function mark(marker: L.Marker, pin: Pin) {
  const chosen = pin.spots.some((one) => one.id === props.chosen)
  marker.getElement()?.classList.toggle('chosen', chosen)
  marker.setZIndexOffset(chosen ? 1000 : 0)
}

/** One is chosen; of several one goes nearer until they lie apart, and through those that never do one after the other. */
function pressed(pin: Pin) {
  if (pin.spots.length > 1 && pin.apart <= deepest()) return map!.setView([pin.latitude, pin.longitude], pin.apart)
  const at = pin.spots.findIndex((one) => one.id === props.chosen)
  emit('choose', pin.spots[(at + 1) % pin.spots.length].id)
}

watch(
  () => props.spots,
  (spots, before) => {
    if (JSON.stringify(spots) === JSON.stringify(before)) return
    pins = pinsOf(spots, deepest())
    const seen = map!.getBounds()
    // What a search has found is shown, wherever it lies.
    if (spots.length && !spots.some((one) => seen.contains([one.latitude, one.longitude]))) all()
    draw()
  },
)
watch(() => props.chosen, draw)
</script>

<template>
  <!-- Fingers on a map move the map, and not the page around it. -->
  <div class="map-frame" :data-moves="!still || undefined">
    <div ref="place" class="map-ground" :class="{ plain: !tiles }" dir="ltr" role="group" :aria-label="label" />
    <div v-if="!still" class="map-zoom">
      <button v-if="locates" :aria-label="own('Where I am')" :aria-busy="seeking" @click="toMe()"><DeviceIcon name="here" /></button>
      <button :aria-label="own('Nearer')" :disabled="zoom >= deepest()" @click="map?.zoomIn()"><DeviceIcon name="plus" /></button>
      <button :aria-label="own('Further away')" :disabled="zoom <= 1" @click="map?.zoomOut()"><DeviceIcon name="minus" /></button>
    </div>
    <p v-if="tiles?.credit" class="map-credit">{{ tiles.credit }}</p>
    <span v-if="aims !== undefined" class="map-aim" aria-hidden="true"><span class="map-pin" /></span>
    <p v-if="untold" class="map-failing" role="alert">{{ untold }}</p>
    <p v-else-if="failing" class="map-failing" role="status">{{ own('The map cannot be drawn just now. What lies on it is in its right place.') }}</p>
  </div>
</template>

<style>
.map-frame { position: relative; isolation: isolate; overflow: hidden; border-radius: var(--corner); }
.map-ground { height: 100%; font: inherit; background: color-mix(in srgb, var(--main) 12%, var(--surface)); }
.map-ground.leaflet-container { font: inherit; background: color-mix(in srgb, var(--main) 12%, var(--surface)); }
.map-ground:focus-visible { outline: 3px solid var(--main); outline-offset: -3px; }
.map-land { fill: color-mix(in srgb, var(--ink) 22%, var(--surface)); }
[style*='color-scheme: dark'] .leaflet-tile-pane { filter: invert(1) hue-rotate(180deg) brightness(.72) contrast(.9); }
.map-place { display: grid; place-items: center; background: none; border: 0; }
.map-pin {
  position: relative;
  width: 24px;
  height: 24px;
  margin-block-end: 4px;
  border: 3px solid var(--surface);
  border-radius: 50%;
  background: var(--main);
  box-shadow: 0 1px 3px rgb(0 0 0 / .45);
  transform-origin: 50% 34px;
  transition: scale .12s;
}
/* It stands on its place like a buoy on its line. */
.map-pin::after {
  content: '';
  position: absolute;
  inset-block-start: calc(100% + 3px);
  inset-inline-start: calc(50% - 1.5px);
  width: 3px;
  height: 9px;
  border-radius: 0 0 2px 2px;
  background: var(--main);
  box-shadow: 0 1px 2px rgb(0 0 0 / .45);
}
.map-place.chosen .map-pin { scale: 1.25; background: var(--ink); }
.map-place.chosen .map-pin::after { background: var(--ink); }
.map-pins {
  display: grid;
  place-items: center;
  min-width: 36px;
  height: 36px;
  padding: 0 6px;
  border: 3px solid var(--surface);
  border-radius: 18px;
  font-size: .875rem;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
  color: var(--on-main);
  background: var(--main);
  box-shadow: 0 1px 3px rgb(0 0 0 / .45);
}
.map-place.chosen .map-pins { color: var(--surface); background: var(--ink); }
.map-place:focus-visible { outline: 3px solid var(--ink); outline-offset: -4px; border-radius: 50%; }
.map-zoom {
  position: absolute;
  inset-block-start: 10px;
  inset-inline-end: 10px;
  z-index: 1000;
  display: flex;
  flex-direction: column;
  border-radius: 24px;
  background: var(--surface);
  box-shadow: 0 1px 3px rgb(0 0 0 / .35);
}
.map-zoom button {
  display: grid;
  place-items: center;
  width: 48px;
  height: 48px;
  border: 0;
  border-radius: 50%;
  color: var(--ink);
  background: none;
  cursor: pointer;
}
.map-zoom button:disabled { opacity: .4; cursor: default; }
.map-credit, .map-failing {
  position: absolute;
  z-index: 900;
  inset-block-start: 8px;
  inset-inline-start: 8px;
  max-width: calc(100% - 84px);
  padding: 1px 8px;
  border-radius: 10px;
  font-size: .75rem;
  line-height: 1.125rem;
  color: var(--ink);
  background: color-mix(in srgb, var(--surface) 86%, transparent);
  pointer-events: none;
}
.map-near { fill: var(--main); fill-opacity: .14; stroke: none; }
.map-me { fill: var(--main); fill-opacity: 1; stroke: var(--surface); stroke-width: 3; }
.map-aim { position: absolute; inset: 50% auto auto 50%; z-index: 900; translate: -50% -34px; pointer-events: none; }
.map-aim .map-pin { display: block; }
.map-failing { inset-block-start: 34px; font-size: .875rem; line-height: 1.25rem; padding: 6px 10px; }
</style>
