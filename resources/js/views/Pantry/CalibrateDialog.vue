<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type OwnMeasure, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { NButton } from 'naive-ui'
import { computed, watch } from 'vue'

/** Many of a rough measure taken together and read once or twice: what one of them holds. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ measure: OwnMeasure | null; choices: Schemas['CalibrationChoice'][]; reload: () => Promise<unknown> }>()

const store = useGarden()
const takeOf = (unit: string, otherwise: number) => props.choices.find((one) => one.unit === unit)?.take ?? otherwise
const { values: form, version, errors, busy, notes, attempt, finish } = useForm(shown, {
  reload: () => props.reload(),
  kept: () => `measure.${props.measure?.id ?? 'new'}`,
  blank: () => ({ unit: 'drop', ingredient: '', count: takeOf('drop', 20), first: '', second: '', step: '' }),
  from: () => {
    const one = props.measure
    return one
      ? { unit: one.unit, ingredient: one.ingredient_name ?? '', count: one.count, first: one.totals[0] ?? '', second: one.totals[1] ?? '' }
      : {}
  },
  version: () => props.measure?.version ?? 0,
})
const choice = computed(() => props.choices.find((one) => one.unit === form.unit))
watch(
  () => form.unit,
  (unit) => {
    if (!props.measure) form.count = takeOf(unit, 1)
  },
)

const save = () =>
  attempt(async () => {
    const body = {
      unit: form.unit,
      ingredient: form.ingredient || null,
      count: form.count,
      totals: [form.first, form.second].filter((text) => text.trim()),
      step: form.step || null,
    }
    const path = { garden: store.id }
    const saved = props.measure
      ? await take(
          api.PUT('/api/gardens/{garden}/own-measures/{ownMeasure}', {
            params: { path: { ...path, ownMeasure: props.measure.id } },
            body: { ...body, version: version.value },
          }),
        )
      : await take(api.POST('/api/gardens/{garden}/own-measures', { params: { path }, body }))
    await finish(saved.change)
  })
const drop = () =>
  attempt(async () => {
    const change = await take(
      api.DELETE('/api/gardens/{garden}/own-measures/{ownMeasure}', {
        params: { path: { garden: store.id, ownMeasure: props.measure!.id } },
      }),
    )
    await finish(change)
  })
const firstError = computed(() => errors.value.totals ?? errors.value['totals.0'])
</script>

<template>
  <app-dialog
    v-model:shown="shown"
    :title="measure ? t('pantry.calibrate-dialog.your', { unitName: measure.unit_name }) : t('pantry.calibrate-dialog.measure-one-own')"
    :width="600"
  >
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <app-field
          id="c-unit"
          v-slot="field"
          :label="t('pantry.calibrate-dialog.which-measure')"
          :error="errors.unit"
          :hint="t('pantry.calibrate-dialog.taken-so-far', { usual: choice?.usual })"
        >
          <select v-bind="field" v-model="form.unit">
            <option v-for="one in choices" :key="one.unit" :value="one.unit">{{ one.name }}</option>
          </select>
        </app-field>
        <app-field id="c-what" v-slot="field" :label="t('pantry.calibrate-dialog.what')" :error="errors.ingredient">
          <input v-bind="field" v-model="form.ingredient" list="c-all" :placeholder="t('pantry.calibrate-dialog.anything')" />
          <datalist id="c-all"><option v-for="one in store.knowledge.ingredients" :key="one.id" :value="one.name" /></datalist>
        </app-field>
        <app-field id="c-count" v-slot="field" :label="t('pantry.calibrate-dialog.put-so-many')" :error="errors.count">
          <input v-bind="field" v-model.number="form.count" type="number" min="1" />
        </app-field>
        <app-field id="c-step" v-slot="field" :label="t('pantry.calibrate-dialog.smallest-step-can')" :error="errors.step">
          <input v-bind="field" v-model="form.step" :placeholder="t('pantry.calibrate-dialog.0-1-ml')" />
        </app-field>
        <app-field id="c-first" v-slot="field" :label="t('pantry.calibrate-dialog.together-they-came')" :error="firstError">
          <input v-bind="field" v-model="form.first" :placeholder="t('pantry.calibrate-dialog.1-1-ml')" />
        </app-field>
        <app-field id="c-second" v-slot="field" :label="t('pantry.calibrate-dialog.second-time')">
          <input v-bind="field" v-model="form.second" :placeholder="t('pantry.calibrate-dialog.if-like-sure')" />
        </app-field>
      </div>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('pantry.calibrate-dialog.take-from-now') }}</n-button>
        <n-button v-if="measure" @click="drop">{{ t('pantry.calibrate-dialog.back-usual') }}</n-button>
        <n-button @click="shown = false">{{ t('pantry.calibrate-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
