<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
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
const zones = computed(() =>
  [...new Set(store.plantings.map((p) => p.zone))].map((zone) => ({ zone, plantings: store.plantings.filter((p) => p.zone === zone) })),
)
const volumeHint = computed(() => (props.bench ? props.bench.makes : ''))
</script>

<template>
  <header class="head">
    <app-field
      id="recipe-name"
      v-slot="field"
      class="title"
      :label="t('bench.bench-head.name-recipe')"
      label-hidden
      :error="errors['recipe.name']"
    >
      <input v-bind="field" v-model="name" class="name" :placeholder="t('bench.bench-head.name-recipe-2')" />
    </app-field>
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
          <button
            v-for="sprayer in store.sprayers"
            :key="sprayer.id"
            type="button"
            :aria-pressed="sprayerId === sprayer.id"
            @click="sprayerId = sprayer.id"
          >
            {{ sprayer.name }}
          </button>
        </div>
      </div>
      <app-field id="volume" v-slot="field" class="volume" :label="t('bench.bench-head.make')">
        <input v-bind="field" v-model="volume" :placeholder="volumeHint" :aria-describedby="errors.volume ? 'error-volume' : undefined" />
      </app-field>
      <button type="button" class="link" @click="$emit('need')">{{ t('bench.bench-head.how-much-do') }}</button>
      <app-field id="planting" v-slot="field" class="for" :label="t('bench.bench-head.for')">
        <select v-bind="field" v-model="plantingId">
          <option :value="null">{{ t('bench.bench-head.ordinary-plant') }}</option>
          <optgroup v-for="group in zones" :key="group.zone" :label="group.zone">
            <option v-for="planting in group.plantings" :key="planting.id" :value="planting.id">{{ planting.name }}</option>
          </optgroup>
        </select>
      </app-field>
    </div>
    <p v-if="errors.volume" id="error-volume" class="field-error wide">{{ errors.volume }}</p>
  </header>
</template>

<style scoped>
.head { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: var(--space-5) var(--space-8); align-items: start; }
.name {
  width: 100%; border: 0; border-bottom: 2px solid transparent; background: none; font: 600 var(--text-3xl)/1.25 var(--title); padding: 0
  0 var(--space-1); min-height: var(--finger); border-radius: 0;
}
.name:hover, .name:focus { border-bottom-color: var(--line); }
.choices { grid-column: 1 / -1; display: flex; flex-wrap: wrap; gap: var(--space-5) var(--space-7); align-items: end; }
.for { order: -1; max-width: 230px; }
.choices .field { min-width: 0; }
.volume { width: 110px; }
.link {
  border: 0; background: none; color: var(--leaf); text-decoration: underline; cursor: pointer; padding: var(--space-2) 0; min-height:
  var(--finger);
}
.wide { grid-column: 1 / -1; }
.chips { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.chips button {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--line); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer;
}
.chips button[aria-pressed='true'] {
  background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; padding: var(--space-2) var(--space-6);
}
@media (max-width: 760px) {
  .head { grid-template-columns: minmax(0, 1fr); }
  .choices .field { flex: 1 1 100%; }
  .choices .for { max-width: none; }
  .choices .volume { flex: 0 0 130px; }
  /* One row, that is moved with the thumb. */
  .chips { flex-wrap: nowrap; overflow-x: auto; }
  .chips button { flex: none; }
}
</style>
