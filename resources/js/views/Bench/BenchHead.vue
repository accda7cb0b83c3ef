<script setup lang="ts">
import { t } from '@/i18n'
import type { Bench } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

const name = defineModel<string>('name', { required: true })
const sprayerId = defineModel<string | null>('sprayerId', { required: true })
const plantingId = defineModel<string | null>('plantingId', { required: true })
const volume = defineModel<string>('volume', { required: true })
const props = defineProps<{ errors: Record<string, string>; bench: Bench | null }>()
defineEmits<{ recipes: []; create: []; paste: []; need: [] }>()

const store = useGarden()
const zones = computed(() => [...new Set(store.plantings.map((p) => p.zone))].map((zone) => ({ zone, plantings: store.plantings.filter((p) => p.zone === zone) })))
const volumeHint = computed(() => (props.bench ? props.bench.makes : ''))
</script>

<template>
  <header class="head">
    <div class="title">
      <label class="visually-hidden" for="recipe-name">{{ t('bench.bench-head.name-recipe') }}</label>
      <input id="recipe-name" v-model="name" class="name" :placeholder="t('bench.bench-head.name-recipe-2')" autocomplete="off" :aria-invalid="errors['recipe.name'] ? 'true' : undefined">
      <p v-if="errors['recipe.name']" class="field-error">{{ errors['recipe.name'] }}</p>
    </div>
    <div class="actions">
      <n-button @click="$emit('recipes')">{{ t('bench.bench-head.recipes') }}</n-button>
      <n-button @click="$emit('paste')">{{ t('bench.bench-head.paste-recipe') }}</n-button>
      <n-button @click="$emit('create')">{{ t('bench.bench-head.new') }}</n-button>
    </div>
    <div class="choices">
      <div class="field" role="group" :aria-label="t('bench.bench-head.sprayer')">
        <span class="label">{{ t('bench.bench-head.into') }}</span>
        <div class="chips">
          <button type="button" :aria-pressed="sprayerId === null" @click="sprayerId = null">{{ t('bench.bench-head.as-written') }}</button>
          <button v-for="sprayer in store.sprayers" :key="sprayer.id" type="button" :aria-pressed="sprayerId === sprayer.id" @click="sprayerId = sprayer.id">{{ sprayer.name }}</button>
        </div>
      </div>
      <div class="field volume">
        <label for="volume">{{ t('bench.bench-head.make') }}</label>
        <input id="volume" v-model="volume" class="native" autocomplete="off" :placeholder="volumeHint" :aria-invalid="errors.volume ? 'true' : undefined" :aria-describedby="errors.volume ? 'error-volume' : undefined">
      </div>
      <div class="field">
        <label for="planting">{{ t('bench.bench-head.for') }}</label>
        <select id="planting" v-model="plantingId" class="native">
          <option :value="null">{{ t('bench.bench-head.ordinary-plant') }}</option>
          <optgroup v-for="group in zones" :key="group.zone" :label="group.zone">
            <option v-for="planting in group.plantings" :key="planting.id" :value="planting.id">{{ planting.name }}</option>
          </optgroup>
        </select>
      </div>
    </div>
    <p class="need wide"><button type="button" class="link" @click="$emit('need')">{{ t('bench.bench-head.how-much-do') }}</button></p>
    <p v-if="errors.volume" id="error-volume" class="field-error wide">{{ errors.volume }}</p>
  </header>
</template>

<style scoped>
.head { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 10px 20px; align-items: start; }
.name { width: 100%; border: 0; border-bottom: 2px solid transparent; background: none; font: 600 28px/1.25 var(--title); padding: 0 0 2px; min-height: 44px; }
.name:hover, .name:focus { border-bottom-color: var(--line); }
.choices { grid-column: 1 / -1; display: flex; flex-wrap: wrap; gap: 12px 20px; align-items: end; }
.choices .field { min-width: 0; }
.volume { width: 110px; }
.link { border: 0; background: none; color: var(--leaf); text-decoration: underline; cursor: pointer; padding: 4px 0; min-height: 44px; }
.need { margin: -14px 0 -12px; }
.wide { grid-column: 1 / -1; }
.chips { display: flex; flex-wrap: wrap; gap: 8px; }
.chips button { min-height: 44px; padding: 6px 14px; border: 1px solid var(--line); border-radius: 8px; background: var(--paper); cursor: pointer; }
.chips button[aria-pressed='true'] { background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; padding: 5px 13px; }
@media (max-width: 760px) {
  .head { grid-template-columns: minmax(0, 1fr); }
  .choices .field { flex: 1 1 100%; }
  .choices .volume { flex: 1 1 100%; }
}
</style>
