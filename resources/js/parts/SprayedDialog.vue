<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, shallowRef } from 'vue'

/** "I sprayed this": what, on what, how much, when. A planned round that this was is closed with it. */
const shown = defineModel<boolean>('shown', { required: true })
const props = withDefaults(
  defineProps<{
    recipeId?: string | null
    plantingIds?: string[]
    sprayerId?: string | null
    volume?: string
    target?: string | null
    /** What else it was put on. */
    putOn?: string
  }>(),
  { recipeId: null, plantingIds: () => [], sprayerId: null, volume: '', target: null, putOn: '' },
)
const emit = defineEmits<{ done: [] }>()
const store = useGarden()
const times = useTimes()
const starters = shallowRef<Schemas['Starter'][]>([])
const recipes = shallowRef<{ id: string; name: string }[] | null>(null)
/** Whoever is quick logs before the lists are there. */
let loading = Promise.resolve()
const { values: form, errors, busy, notes, attempt, finish } = useForm(shown, {
  reload: async () => {
    await store.refresh()
    emit('done')
  },
  kept: () => `sprayed.${props.recipeId ?? ''}.${props.plantingIds.join('.')}.${props.putOn}`,
  blank: () => ({
    recipe: props.recipeId ?? '',
    plantings: [...props.plantingIds],
    isPlant: store.plantings.length === 0 && props.putOn === '',
    plant: '',
    on: props.putOn,
    at: times.nowField(),
    volume: props.volume,
    note: '',
  }),
  opened: (values) => {
    // A moment that was typed the last time has gone by.
    values.at = times.nowField()
    loading = load()
  },
})
async function load(): Promise<void> {
  const path = { garden: store.id }
  recipes.value = await take(api.GET('/api/gardens/{garden}/recipes', { params: { path } }))
  const all = await take(api.GET('/api/gardens/{garden}/starters', { params: { path } }))
  starters.value = all.filter((one) => !recipes.value?.some((kept) => kept.name === one.name))
}
const name = computed(() => [...(recipes.value ?? []), ...starters.value].find((one) => one.id === props.recipeId)?.name)

const log = () =>
  attempt(async () => {
    await loading
    // One to begin with is kept with its first spray.
    const starter = starters.value.find((one) => one.id === form.recipe)
    if (starter) {
      const kept = await take(
        api.POST('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id } }, body: { body: starter.body } }),
      )
      form.recipe = kept.recipe.id
      await load()
    }
    const saved = await take(
      api.POST('/api/gardens/{garden}/sprayed', {
        params: { path: { garden: store.id } },
        body: {
          recipe_id: form.recipe,
          planting_ids: form.plantings,
          is_plant: form.isPlant,
          plant: form.isPlant ? form.plant : null,
          on: form.on,
          sprayer_id: props.sprayerId,
          target: props.target,
          applied_at: form.at.slice(0, 16),
          volume: form.volume,
          note: form.note,
        },
      }),
    )
    await finish(saved.change)
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('parts.sprayed-dialog.sprayed-this')">
    <form class="form-grid" @submit.prevent="log">
      <p v-if="recipeId && name" class="what">{{ name }}</p>
      <app-field v-else id="sp-recipe" v-slot="field" :label="t('parts.sprayed-dialog.what')" :error="errors.recipe_id">
        <select v-bind="field" v-model="form.recipe">
          <option value="" disabled>{{ t('parts.sprayed-dialog.choose-recipe') }}</option>
          <option v-for="one in recipes ?? []" :key="one.id" :value="one.id">{{ one.name }}</option>
          <optgroup :label="t('parts.sprayed-dialog.begin-with')">
            <option v-for="one in starters" :key="one.id" :value="one.id">{{ one.name }}</option>
          </optgroup>
        </select>
        <router-link class="small" :to="{ name: 'bench', query: { paste: 1 } }" @click="shown = false">{{ t('parts.sprayed-dialog.bench') }}</router-link>
      </app-field>
      <fieldset class="on">
        <legend>{{ t('parts.sprayed-dialog.on-plants') }}</legend>
        <div class="many">
          <label v-for="one in store.plantings" :key="one.id"><input v-model="form.plantings" type="checkbox" :value="one.id" /> {{ one.name }}</label>
          <label><input v-model="form.isPlant" type="checkbox" /> {{ t('parts.sprayed-dialog.a-plant') }}</label>
        </div>
        <p v-if="errors.planting_ids" class="field-error">{{ errors.planting_ids }}</p>
      </fieldset>
      <app-field v-if="form.isPlant" id="sp-plant" v-slot="field" :label="t('parts.sprayed-dialog.its-name')" :error="errors.plant">
        <input v-bind="field" v-model="form.plant" />
      </app-field>
      <app-field id="sp-on" v-slot="field" :label="t('parts.sprayed-dialog.on-else')" :error="errors.on">
        <input v-bind="field" v-model="form.on" />
      </app-field>
      <div class="two">
        <app-field id="sp-volume" v-slot="field" :label="t('parts.sprayed-dialog.how-much')" :error="errors.volume">
          <input v-bind="field" v-model="form.volume" :placeholder="t('parts.sprayed-dialog.as-makes')" />
        </app-field>
        <app-field id="sp-at" v-slot="field" :label="t('parts.sprayed-dialog.when')" :error="errors.applied_at">
          <input v-bind="field" v-model="form.at" type="datetime-local" />
        </app-field>
      </div>
      <app-field id="sp-note" v-slot="field" :label="t('parts.sprayed-dialog.what-saw')" :error="errors.note">
        <textarea v-bind="field" v-model="form.note" rows="2" />
      </app-field>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy" :disabled="!form.recipe">{{ t('parts.sprayed-dialog.log') }}</n-button>
        <n-button @click="shown = false">{{ t('parts.sprayed-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.what { font-weight: 600; font-size: var(--text-l); }
.on { border: 1px solid var(--line); border-radius: var(--radius-m); padding: var(--space-1) var(--space-6) var(--space-4); min-width: 0; }
.on legend { font-weight: 600; font-size: var(--text-s); padding: 0 var(--space-3); }
.many { display: grid; max-height: 220px; overflow: auto; grid-template-columns: repeat(auto-fill, minmax(min(220px, 100%), 1fr)); }
label:has(> input[type='checkbox']) { display: flex; gap: var(--space-5); align-items: center; min-height: var(--finger); }
input[type='checkbox'] { width: var(--tick); height: var(--tick); accent-color: var(--leaf); flex: none; }
</style>
