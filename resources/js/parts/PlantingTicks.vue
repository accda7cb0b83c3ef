<script setup lang="ts">
import { useGarden } from '@/stores/garden'
import type { Planting } from '@/api/client'

/** Which plantings, ticked, as they stand together. */
const chosen = defineModel<string[]>({ required: true })
defineSlots<{ default?: (props: { planting: Planting }) => unknown }>()
const store = useGarden()
</script>

<template>
  <div class="plantings">
    <div v-for="group in store.byZone" :key="group.zone">
      <p class="soft small">{{ group.zone }}</p>
      <label v-for="planting in group.plantings" :key="planting.id">
        <input v-model="chosen" type="checkbox" :value="planting.id" /> {{ planting.name }} <slot :planting="planting" />
      </label>
    </div>
  </div>
</template>

<style scoped>
.plantings {
  display: grid; grid-template-columns: repeat(auto-fill, minmax(min(230px, 100%), 1fr)); gap: var(--space-4) var(--space-7); max-height: 250px;
  overflow: auto;
}
label { display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-5); align-items: center; min-height: 36px; }
input { width: 20px; height: 20px; accent-color: var(--leaf); }
</style>
