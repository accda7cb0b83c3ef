<script setup lang="ts">
import { api, ApiFailure, take } from '@/api/client'
import { useChanges } from '@/stores/changes'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { reactive, ref } from 'vue'

/** The plantings and sprayers of the garden: enough to begin an empty one. */
const store = useGarden()
const changes = useChanges()
const planting = reactive({ plant: '', name: '', number: 1, stage: 'growing' })
const sprayer = reactive({ name: '', capacity: '' })
const plantingErrors = ref<Record<string, string>>({})
const sprayerErrors = ref<Record<string, string>>({})
const stages = ['seedling', 'cutting', 'young', 'growing', 'flowering', 'fruiting', 'dormant']

async function attempt(work: () => Promise<void>, errors: typeof plantingErrors): Promise<void> {
  errors.value = {}
  try {
    await work()
    await store.refresh()
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) errors.value = e.fields
    else changes.failed(e)
  }
}
const garden = () => ({ garden: store.id })

const addPlanting = () => attempt(async () => {
  const saved = await take(api.POST('/api/gardens/{garden}/plantings', { params: { path: garden() }, body: { ...planting } }))
  planting.plant = planting.name = ''
  changes.done(saved.change, store.refresh)
}, plantingErrors)
const dropPlanting = (id: string) => attempt(async () => {
  changes.done(await take(api.DELETE('/api/gardens/{garden}/plantings/{planting}', { params: { path: { ...garden(), planting: id } } })), store.refresh)
}, plantingErrors)
const addSprayer = () => attempt(async () => {
  const saved = await take(api.POST('/api/gardens/{garden}/sprayers', { params: { path: garden() }, body: { ...sprayer } }))
  sprayer.name = sprayer.capacity = ''
  changes.done(saved.change, store.refresh)
}, sprayerErrors)
const dropSprayer = (id: string) => attempt(async () => {
  changes.done(await take(api.DELETE('/api/gardens/{garden}/sprayers/{sprayer}', { params: { path: { ...garden(), sprayer: id } } })), store.refresh)
}, sprayerErrors)
</script>

<template>
  <section aria-labelledby="plantings">
    <h2 id="plantings">Plantings</h2>
    <form class="adding" @submit.prevent="addPlanting">
      <div class="field">
        <label for="new-plant">Plant</label>
        <input id="new-plant" v-model="planting.plant" class="native" list="plants" autocomplete="off" placeholder="tomato, courgette, Vicia faba …" :aria-invalid="plantingErrors.plant ? 'true' : undefined">
        <datalist id="plants"><option v-for="plant in store.knowledge.plants" :key="plant.id" :value="plant.name" /></datalist>
      </div>
      <div class="field"><label for="new-name">Called</label><input id="new-name" v-model="planting.name" class="native" autocomplete="off"></div>
      <div class="field"><label for="new-number">How many</label><input id="new-number" v-model.number="planting.number" class="native" type="number" min="1"></div>
      <div class="field"><label for="new-stage">Stage</label><select id="new-stage" v-model="planting.stage" class="native"><option v-for="stage in stages" :key="stage">{{ stage }}</option></select></div>
      <n-button attr-type="submit">Add the planting</n-button>
    </form>
    <p v-for="(message, field) in plantingErrors" :key="field" class="field-error">{{ message }}</p>
    <ul>
      <li v-for="item in store.plantings" :key="item.id">
        <span>{{ item.number }} × {{ item.name }} <span class="soft small">{{ item.zone }} · {{ item.stage }}</span></span>
        <n-button quaternary size="small" :aria-label="`Take out ${item.name}`" @click="dropPlanting(item.id)">Take out</n-button>
      </li>
    </ul>
  </section>
  <section aria-labelledby="sprayers">
    <h2 id="sprayers">Sprayers</h2>
    <form class="adding" @submit.prevent="addSprayer">
      <div class="field"><label for="new-sprayer">Called</label><input id="new-sprayer" v-model="sprayer.name" class="native" autocomplete="off" :aria-invalid="sprayerErrors.name ? 'true' : undefined"></div>
      <div class="field"><label for="new-capacity">Holds, filled to the brim</label><input id="new-capacity" v-model="sprayer.capacity" class="native" autocomplete="off" placeholder="2 L, 1/2 gal, 750 mL" :aria-invalid="sprayerErrors.capacity ? 'true' : undefined"></div>
      <n-button attr-type="submit">Add the sprayer</n-button>
    </form>
    <p v-for="(message, field) in sprayerErrors" :key="field" class="field-error">{{ message }}</p>
    <ul>
      <li v-for="item in store.sprayers" :key="item.id">
        <span>{{ item.name }} <span v-if="item.dedicated_to" class="soft small">{{ item.dedicated_to }}</span></span>
        <n-button quaternary size="small" :aria-label="`Take out ${item.name}`" @click="dropSprayer(item.id)">Take out</n-button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section { display: grid; gap: 10px; grid-template-columns: minmax(0, 1fr); }
.adding { display: grid; grid-template-columns: repeat(auto-fit, minmax(150px, 1fr)); gap: 12px; align-items: end; }
ul { list-style: none; margin: 0; padding: 0; }
li { display: flex; justify-content: space-between; gap: 12px; align-items: center; border-top: 1px solid var(--line); padding: 4px 0; }
</style>
