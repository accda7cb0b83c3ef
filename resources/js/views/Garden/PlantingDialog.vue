<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import type { Schemas } from '@/api/client'
import PlantCare from './PlantCare.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Planting } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useUnits } from '@/composables/useUnits'
import { useMetPlant } from '@/composables/useMetPlant'
import { NButton } from 'naive-ui'
import { computed, ref, toRef } from 'vue'

/** Adding a planting, changing it, moving it to another zone, retiring it. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ planting: Planting | null; zoneId: string | null; bears: string[]; reload: () => Promise<unknown> }>()

const emit = defineEmits<{ sprayed: [id: string] }>()
const store = useGarden()
const why = ref('')
const retiring = ref(false)
const stages = ['seedling', 'cutting', 'young', 'growing', 'flowering', 'fruiting', 'dormant']
const blank = () => ({
  plant: '',
  kind: '',
  name: '',
  variety: '',
  number: 1,
  stage: 'growing' as Schemas['NewPlanting']['stage'],
  zone_id: '',
  height: '',
  area: '',
  pot: '',
  indoors: false,
  sunny_window: false,
  in_flower: false,
  harvest_on: '',
  new_until: '',
  moved_on: '',
  states: [] as Planting['states'],
  value: 'dear' as Planting['value'],
  care: null as Planting['care'],
  note: '',
})
const { names, withUnit } = useUnits()
const { values: form, version, errors, busy, notes, attempt, finish } = useForm(shown, {
  reload: () => props.reload(),
  kept: () => `planting.${props.planting?.id ?? 'new'}`,
  blank,
  from: () => {
    const one = props.planting
    if (!one) return { zone_id: props.zoneId ?? store.zones[0]?.id ?? '', indoors: store.garden?.indoors ?? false }
    return {
      plant: one.kind,
      kind: store.knowledge.kinds.some((kind) => kind.id === one.plant) ? one.plant : '',
      name: one.name,
      variety: one.variety ?? '',
      number: one.number,
      stage: one.stage as Schemas['NewPlanting']['stage'],
      zone_id: one.zone_id,
      height: one.height_typed ?? '',
      area: one.area_typed ?? '',
      pot: one.pot_typed ?? '',
      indoors: one.indoors,
      sunny_window: one.sunny_window,
      in_flower: one.in_flower,
      harvest_on: one.harvest_on ?? '',
      new_until: one.new_until ?? '',
      moved_on: one.moved_on ?? '',
      states: [...one.states],
      value: one.value,
      care: one.care,
      note: one.note ?? '',
    }
  },
  version: () => props.planting?.version ?? 0,
  opened: () => {
    retiring.value = false
    why.value = ''
  },
})
const states = [
  { id: 'soft-growth', label: t('garden.planting-dialog.soft-new-growth') },
  { id: 'bud-swell', label: t('garden.planting-dialog.buds-swelling') },
  { id: 'hardened', label: t('garden.planting-dialog.hardened-leaves') },
  { id: 'sick', label: t('garden.planting-dialog.sick') },
] as const

const title = computed(() => (props.planting ? props.planting.name : t('garden.planting-dialog.add-planting')))

const { met } = useMetPlant(toRef(form, 'plant'))
/** Nothing is known of it, or only something like it: what kind it is can be said. */
const isOwn = computed(() => ['unknown', 'kin', 'slip'].includes(met.value?.how ?? ''))
const meant = computed(() => {
  if (met.value === null || form.plant.trim() === '') return ''
  if (met.value.how === 'several') return t('garden.planting-dialog.which')
  if (met.value.how === 'slip') return t('garden.planting-dialog.slip')
  if (met.value.how === 'kin') return t('garden.planting-dialog.kin', { kind: met.value.kind })
  if (met.value.how === 'unknown') return t('garden.planting-dialog.unknown')
  return met.value.kind?.toLowerCase() === form.plant.trim().toLowerCase() ? '' : t('garden.planting-dialog.known', { kind: met.value.kind })
})

const save = () =>
  attempt(async () => {
    const { height, area, pot, ...rest } = form
    const body = {
      ...rest,
      harvest_on: form.harvest_on || null,
      new_until: form.new_until || null,
      moved_on: form.moved_on || null,
      kind: (isOwn.value && form.kind) || null,
      height_cm: withUnit(height, names.value.length),
      area_m2: withUnit(area, names.value.area),
      pot_l: withUnit(pot, names.value.pot),
    }
    const path = { garden: store.id }
    const saved = props.planting
      ? await take(
          api.PUT('/api/gardens/{garden}/plantings/{planting}', {
            params: { path: { ...path, planting: props.planting.id } },
            body: { ...body, version: version.value },
          }),
        )
      : await take(api.POST('/api/gardens/{garden}/plantings', { params: { path }, body }))
    await finish(saved.change)
  })
const retire = () =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/plantings/{planting}/retire', {
        params: { path: { garden: store.id, planting: props.planting!.id } },
        body: { version: version.value, why: why.value },
      }),
    )
    await finish(saved.change)
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="title" :width="680">
    <form v-if="!retiring" class="form-grid" @submit.prevent="save">
      <div class="two">
        <app-field id="p-plant" v-slot="field" :label="t('garden.planting-dialog.plant')" :error="errors.plant" :hint="meant">
          <input v-bind="field" v-model="form.plant" list="p-plants" :placeholder="t('garden.planting-dialog.tomato-courgette-vicia')" />
          <datalist id="p-plants"><option v-for="plant in store.knowledge.plants" :key="plant.id" :value="plant.name" /></datalist>
        </app-field>
        <div v-if="met?.which.length" class="which" role="group" :aria-label="t('garden.planting-dialog.which-is-meant')">
          <n-button v-for="one in met.which" :key="one" size="small" @click="form.plant = one">{{ one }}</n-button>
        </div>
        <app-field v-if="isOwn" id="p-kind" v-slot="field" :label="t('garden.planting-dialog.what-kind')" :error="errors.kind">
          <select v-bind="field" v-model="form.kind">
            <option value="">{{ t('garden.planting-dialog.kind-not-known') }}</option>
            <option v-for="kind in store.knowledge.kinds.filter((one) => one.id !== 'unknown-plant')" :key="kind.id" :value="kind.id">
              {{ kind.name }}
            </option>
          </select>
        </app-field>
        <app-field id="p-zone" v-slot="field" :label="t('garden.planting-dialog.zone')">
          <select v-bind="field" v-model="form.zone_id">
            <option v-for="zone in store.zones" :key="zone.id" :value="zone.id">{{ zone.name }}</option>
          </select>
        </app-field>
        <app-field id="p-name" v-slot="field" :label="t('garden.planting-dialog.called')">
          <input v-bind="field" v-model="form.name" :placeholder="t('garden.planting-dialog.as-plant')" />
        </app-field>
        <app-field id="p-variety" v-slot="field" :label="t('garden.planting-dialog.variety')">
          <input v-bind="field" v-model="form.variety" />
        </app-field>
        <app-field id="p-number" v-slot="field" :label="t('garden.planting-dialog.how-many')" :error="errors.number">
          <input v-bind="field" v-model.number="form.number" type="number" min="1" />
        </app-field>
        <app-field id="p-stage" v-slot="field" :label="t('garden.planting-dialog.stage')">
          <select v-bind="field" v-model="form.stage">
            <option v-for="stage in stages" :key="stage">{{ stage }}</option>
          </select>
        </app-field>
        <app-field id="p-height" v-slot="field" :label="t('garden.planting-dialog.height-cm', { unit: names.length })" :error="errors.height_cm">
          <input v-bind="field" v-model="form.height" inputmode="decimal" />
        </app-field>
        <app-field id="p-area" v-slot="field" :label="t('garden.planting-dialog.ground-they-cover', { unit: names.area })" :error="errors.area_m2">
          <input v-bind="field" v-model="form.area" inputmode="decimal" :placeholder="t('garden.planting-dialog.bed')" />
        </app-field>
        <app-field id="p-pot" v-slot="field" :label="t('garden.planting-dialog.litres-one-pot', { unit: names.pot })" :error="errors.pot_l">
          <input v-bind="field" v-model="form.pot" inputmode="decimal" :placeholder="t('garden.planting-dialog.drench')" />
        </app-field>
        <app-field id="p-value" v-slot="field" :label="t('garden.planting-dialog.what-worth')">
          <select v-bind="field" v-model="form.value">
            <option value="replaceable">{{ t('garden.planting-dialog.easily-replaced') }}</option>
            <option value="dear">{{ t('garden.planting-dialog.dear') }}</option>
            <option value="irreplaceable">{{ t('garden.planting-dialog.nothing-replaces') }}</option>
          </select>
        </app-field>
        <app-field id="p-harvest" v-slot="field" :label="t('garden.planting-dialog.next-harvest')">
          <input v-bind="field" v-model="form.harvest_on" type="date" />
        </app-field>
        <app-field id="p-new" v-slot="field" :label="t('garden.planting-dialog.new-kept-apart')">
          <input v-bind="field" v-model="form.new_until" type="date" />
        </app-field>
        <app-field id="p-moved" v-slot="field" :label="t('garden.planting-dialog.planted-potted')">
          <input v-bind="field" v-model="form.moved_on" type="date" />
        </app-field>
      </div>
      <section v-if="planting && bears.length" class="bears" aria-labelledby="p-bears">
        <h3 id="p-bears">{{ t('garden.planting-dialog.what-spray-should') }}</h3>
        <ul>
          <li v-for="line in bears" :key="line">{{ line }}</li>
        </ul>
      </section>
      <div class="checks">
        <label><input v-model="form.indoors" type="checkbox" />{{ t('garden.planting-dialog.indoors') }}</label>
        <label v-if="form.indoors"><input v-model="form.sunny_window" type="checkbox" />{{ t('garden.planting-dialog.sunny-window') }}</label>
        <label><input v-model="form.in_flower" type="checkbox" />{{ t('garden.planting-dialog.flower') }}</label>
        <label v-for="state in states" :key="state.id"><input v-model="form.states" type="checkbox" :value="state.id" /> {{ state.label }}</label>
      </div>
      <plant-care v-if="shown" :key="planting?.id ?? 'new'" v-model="form.care" />
      <app-field id="p-note" v-slot="field" :label="t('garden.planting-dialog.note')">
        <input v-bind="field" v-model="form.note" />
      </app-field>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">
          {{
            planting ? t('garden.planting-dialog.save') : t('garden.planting-dialog.add')
          }}
        </n-button>
        <n-button v-if="planting" @click="emit('sprayed', planting.id)">{{ t('parts.sprayed-dialog.sprayed-this') }}</n-button>
        <n-button v-if="planting" @click="retiring = true">{{ t('garden.planting-dialog.retire') }}</n-button>
        <n-button @click="shown = false">{{ t('garden.planting-dialog.not-now') }}</n-button>
      </div>
    </form>
    <form v-else class="form-grid" @submit.prevent="retire">
      <p>{{ t('garden.planting-dialog.leaves-garden-what') }}</p>
      <app-field id="p-why" v-slot="field" :label="t('garden.planting-dialog.why')">
        <input v-bind="field" v-model="why" :placeholder="t('garden.planting-dialog.harvested-died-given')" />
      </app-field>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('garden.planting-dialog.retire-2') }}</n-button>
        <n-button @click="retiring = false">{{ t('garden.planting-dialog.back') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.which { display: flex; flex-wrap: wrap; gap: var(--space-4); align-self: center; }
.bears { background: var(--mist); border-radius: var(--radius-l); padding: var(--space-5) var(--space-7); }
.bears ul { margin: var(--space-2) 0 0; padding-left: var(--space-7); }
.checks { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-9); }
.checks label { display: flex; gap: var(--space-5); align-items: center; min-height: var(--finger); }
.checks input { width: var(--tick); height: var(--tick); accent-color: var(--leaf); }
</style>
