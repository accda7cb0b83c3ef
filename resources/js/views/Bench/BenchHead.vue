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
    <!-- Read as a sentence; its words are what is chosen. -->
    <div class="choices">
      <span class="part">
        <label for="planting">{{ t('bench.bench-head.for') }}</label>
        <select id="planting" v-model="plantingId">
          <option :value="null">{{ t('bench.bench-head.ordinary-plant') }}</option>
          <optgroup v-for="group in store.byZone" :key="group.zone" :label="group.zone">
            <option v-for="planting in group.plantings" :key="planting.id" :value="planting.id">{{ planting.name }}</option>
          </optgroup>
        </select>
      </span>
      <span class="part">
        <label for="sprayer">{{ t('bench.bench-head.into') }}</label>
        <select id="sprayer" v-model="sprayerId">
          <option :value="null">{{ t('bench.bench-head.as-written') }}</option>
          <option v-for="sprayer in store.sprayers" :key="sprayer.id" :value="sprayer.id">{{ sprayer.name }}</option>
        </select>
      </span>
      <span class="part">
        <label for="volume">{{ t('bench.bench-head.make') }}</label>
        <input
          id="volume"
          v-model="volume"
          class="volume"
          autocomplete="off"
          :placeholder="volumeHint"
          :aria-invalid="errors.volume ? 'true' : undefined"
          :aria-describedby="errors.volume ? 'error-volume' : undefined"
        />
      </span>
      <button type="button" class="link" @click="$emit('need')">{{ t('bench.bench-head.how-much-do') }}</button>
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
.choices { grid-column: 1 / -1; display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-6); align-items: center; font-size: var(--text-l); }
.part { display: flex; align-items: center; gap: var(--space-4); min-width: 0; }
.part label { color: var(--soft); }
.part select, .part input {
  --under: var(--leaf); min-height: var(--finger); min-width: 0; max-width: 100%; border: 0; border-radius: var(--radius-s); font-weight:
  600; padding: 0 var(--space-2); field-sizing: content; background: linear-gradient(var(--under), var(--under)) no-repeat 0 calc(50% + 14px) /
  100% 2px;
}
.part select { cursor: pointer; max-width: 320px; text-overflow: ellipsis; }
.part option, .part optgroup { background: var(--paper); color: var(--ink); }
.part select:hover, .part input:hover { background-color: var(--leaf-wash); }
.part .volume { width: 96px; }
.part [aria-invalid='true'] { --under: var(--madder); }
.link {
  border: 0; background: none; color: var(--leaf); text-decoration: underline; cursor: pointer; padding: var(--space-2) 0; min-height:
  var(--finger);
}
.wide { grid-column: 1 / -1; }
@media (max-width: 760px) {
  .head { grid-template-columns: minmax(0, 1fr); }
  .part select { max-width: calc(100vw - 108px); }
}
</style>
