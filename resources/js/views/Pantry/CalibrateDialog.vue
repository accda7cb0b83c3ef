<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type OwnMeasure, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { computed, reactive, watch } from 'vue'

/** Many of a rough measure taken together and read once or twice: what one of them holds. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ measure: OwnMeasure | null; choices: Schemas['CalibrationChoice'][]; reload: () => Promise<unknown> }>()

const store = useGarden()
const { errors, busy, attempt, done, close } = useSaving()
const form = reactive({ unit: 'drop', ingredient: '', count: 20, first: '', second: '', step: '' })
const choice = computed(() => props.choices.find((one) => one.unit === form.unit))

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  const one = props.measure
  Object.assign(form, { unit: one?.unit ?? 'drop', ingredient: one?.ingredient_name ?? '', count: one?.count ?? choice.value?.take ?? 20, first: one?.totals[0] ?? '', second: one?.totals[1] ?? '', step: '' })
})
watch(() => form.unit, () => { if (!props.measure) form.count = choice.value?.take ?? 1 })

const save = () => attempt(async () => {
  const body = { unit: form.unit, ingredient: form.ingredient || null, count: form.count, totals: [form.first, form.second].filter((text) => text.trim()), step: form.step || null }
  const path = { garden: store.id }
  const saved = props.measure
    ? await take(api.PUT('/api/gardens/{garden}/own-measures/{ownMeasure}', { params: { path: { ...path, ownMeasure: props.measure.id } }, body: { ...body, version: props.measure.version } }))
    : await take(api.POST('/api/gardens/{garden}/own-measures', { params: { path }, body }))
  done(saved.change)
  await close(shown, props.reload)
})
const drop = () => attempt(async () => {
  const change = await take(api.DELETE('/api/gardens/{garden}/own-measures/{ownMeasure}', { params: { path: { garden: store.id, ownMeasure: props.measure!.id } } }))
  done(change)
  await close(shown, props.reload)
})
const firstError = computed(() => errors.value.totals ?? errors.value['totals.0'])
</script>

<template>
  <app-dialog v-model:shown="shown" :title="measure ? t('pantry.calibrate-dialog.your', { unitName: measure.unit_name }) : t('pantry.calibrate-dialog.measure-one-own')" :width="600">
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="c-unit">{{ t('pantry.calibrate-dialog.which-measure') }}</label>
          <select id="c-unit" v-model="form.unit" class="native"><option v-for="one in choices" :key="one.unit" :value="one.unit">{{ one.name }}</option></select>
          <p class="soft small">{{ t('pantry.calibrate-dialog.taken-so-far', { usual: choice?.usual }) }}</p>
          <p v-if="errors.unit" class="field-error">{{ errors.unit }}</p>
        </div>
        <div class="field">
          <label for="c-what">{{ t('pantry.calibrate-dialog.what') }}</label>
          <input id="c-what" v-model="form.ingredient" class="native" list="c-all" autocomplete="off" :placeholder="t('pantry.calibrate-dialog.anything')" :aria-invalid="errors.ingredient ? 'true' : undefined">
          <datalist id="c-all"><option v-for="one in store.knowledge.ingredients" :key="one.id" :value="one.name" /></datalist>
          <p v-if="errors.ingredient" class="field-error">{{ errors.ingredient }}</p>
        </div>
        <div class="field">
          <label for="c-count">{{ t('pantry.calibrate-dialog.put-so-many') }}</label>
          <input id="c-count" v-model.number="form.count" class="native" type="number" min="1" :aria-invalid="errors.count ? 'true' : undefined">
          <p v-if="errors.count" class="field-error">{{ errors.count }}</p>
        </div>
        <div class="field">
          <label for="c-step">{{ t('pantry.calibrate-dialog.smallest-step-can') }}</label>
          <input id="c-step" v-model="form.step" class="native" autocomplete="off" :placeholder="t('pantry.calibrate-dialog.0-1-ml')" :aria-invalid="errors.step ? 'true' : undefined">
          <p v-if="errors.step" class="field-error">{{ errors.step }}</p>
        </div>
        <div class="field">
          <label for="c-first">{{ t('pantry.calibrate-dialog.together-they-came') }}</label>
          <input id="c-first" v-model="form.first" class="native" autocomplete="off" :placeholder="t('pantry.calibrate-dialog.1-1-ml')" :aria-invalid="firstError ? 'true' : undefined">
          <p v-if="firstError" class="field-error">{{ firstError }}</p>
        </div>
        <div class="field"><label for="c-second">{{ t('pantry.calibrate-dialog.second-time') }}</label><input id="c-second" v-model="form.second" class="native" autocomplete="off" :placeholder="t('pantry.calibrate-dialog.if-like-sure')"></div>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('pantry.calibrate-dialog.take-from-now') }}</n-button>
        <n-button v-if="measure" @click="drop">{{ t('pantry.calibrate-dialog.back-usual') }}</n-button>
        <n-button @click="shown = false">{{ t('pantry.calibrate-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
