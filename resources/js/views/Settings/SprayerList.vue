<script setup lang="ts">
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { reactive } from 'vue'

/** The sprayers of the garden. Plantings have a view of their own. */
const store = useGarden()
const { errors, attempt, done } = useSaving()
const sprayer = reactive({ name: '', capacity: '' })
const garden = () => ({ garden: store.id })

const addSprayer = () => attempt(async () => {
  const saved = await take(api.POST('/api/gardens/{garden}/sprayers', { params: { path: garden() }, body: { ...sprayer } }))
  sprayer.name = sprayer.capacity = ''
  done(saved.change, store.refresh)
  await store.refresh()
})
const dropSprayer = (id: string) => attempt(async () => {
  done(await take(api.DELETE('/api/gardens/{garden}/sprayers/{sprayer}', { params: { path: { ...garden(), sprayer: id } } })), store.refresh)
  await store.refresh()
})
</script>

<template>
  <section aria-labelledby="sprayers">
    <h2 id="sprayers">Sprayers</h2>
    <form class="adding" @submit.prevent="addSprayer">
      <div class="field"><label for="new-sprayer">Called</label><input id="new-sprayer" v-model="sprayer.name" class="native" autocomplete="off" :aria-invalid="errors.name ? 'true' : undefined"></div>
      <div class="field"><label for="new-capacity">Holds, filled to the brim</label><input id="new-capacity" v-model="sprayer.capacity" class="native" autocomplete="off" placeholder="2 L, 1/2 gal, 750 mL" :aria-invalid="errors.capacity ? 'true' : undefined"></div>
      <n-button attr-type="submit">Add the sprayer</n-button>
    </form>
    <p v-for="(message, field) in errors" :key="field" class="field-error">{{ message }}</p>
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
