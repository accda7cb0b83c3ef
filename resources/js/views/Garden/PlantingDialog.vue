<script setup lang="ts">
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'
import PlantCare from './PlantCare.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Planting } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'

/** Adding a planting, changing it, moving it to another zone, retiring it. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ planting: Planting | null; zoneId: string | null; bears: string[]; reload: () => Promise<unknown> }>()

const store = useGarden()
const { errors, busy, attempt, done, close } = useSaving()
const stages = ['seedling', 'cutting', 'young', 'growing', 'flowering', 'fruiting', 'dormant']
const blank = { plant: '', name: '', variety: '', number: 1, stage: 'growing' as Schemas['NewPlanting']['stage'], zone_id: '', height: '', area: '', pot: '', indoors: false, in_flower: false, harvest_on: '', new_until: '', moved_on: '', states: [] as Planting['states'], value: 'dear' as Planting['value'], care: null as Planting['care'], note: '' }
const form = reactive({ ...blank })
const states = [{ id: 'soft-growth', label: t('garden.planting-dialog.soft-new-growth') }, { id: 'hardened', label: t('garden.planting-dialog.hardened-leaves') }, { id: 'sick', label: t('garden.planting-dialog.sick') }] as const
const why = ref('')
const retiring = ref(false)

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  retiring.value = false
  why.value = ''
  const one = props.planting
  Object.assign(form, blank, { states: [], zone_id: props.zoneId ?? store.zones[0]?.id ?? '' })
  if (one) {
    Object.assign(form, {
      plant: one.kind, name: one.name, variety: one.variety ?? '', number: one.number, stage: one.stage as Schemas['NewPlanting']['stage'], zone_id: one.zone_id, height: one.height_cm === null ? '' : String(one.height_cm), area: one.area_m2 === null ? '' : String(one.area_m2), pot: one.pot_l === null ? '' : String(one.pot_l),
      indoors: one.indoors, in_flower: one.in_flower, harvest_on: one.harvest_on ?? '', new_until: one.new_until ?? '', moved_on: one.moved_on ?? '', states: [...one.states], value: one.value, care: one.care, note: one.note ?? '',
    })
  }
})
const title = computed(() => (props.planting ? props.planting.name : t('garden.planting-dialog.add-planting')))

const save = () => attempt(async () => {
  const { height, area, pot, ...rest } = form
  const body = { ...rest, harvest_on: form.harvest_on || null, new_until: form.new_until || null, moved_on: form.moved_on || null, height_cm: height.trim() || null, area_m2: area.trim() || null, pot_l: pot.trim() || null }
  const path = { garden: store.id }
  const saved = props.planting
    ? await take(api.PUT('/api/gardens/{garden}/plantings/{planting}', { params: { path: { ...path, planting: props.planting.id } }, body: { ...body, version: props.planting.version } }))
    : await take(api.POST('/api/gardens/{garden}/plantings', { params: { path }, body }))
  done(saved.change)
  await close(shown, props.reload)
})
const retire = () => attempt(async () => {
  const saved = await take(api.POST('/api/gardens/{garden}/plantings/{planting}/retire', { params: { path: { garden: store.id, planting: props.planting!.id } }, body: { version: props.planting!.version, why: why.value } }))
  done(saved.change)
  await close(shown, props.reload)
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="title" :width="680">
    <form v-if="!retiring" class="form-grid" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="p-plant">{{ t('garden.planting-dialog.plant') }}</label>
          <input id="p-plant" v-model="form.plant" class="native" list="p-plants" autocomplete="off" :placeholder="t('garden.planting-dialog.tomato-courgette-vicia')" :aria-invalid="errors.plant ? 'true' : undefined">
          <datalist id="p-plants"><option v-for="plant in store.knowledge.plants" :key="plant.id" :value="plant.name" /></datalist>
          <p v-if="errors.plant" class="field-error">{{ errors.plant }}</p>
        </div>
        <div class="field">
          <label for="p-zone">{{ t('garden.planting-dialog.zone') }}</label>
          <select id="p-zone" v-model="form.zone_id" class="native"><option v-for="zone in store.zones" :key="zone.id" :value="zone.id">{{ zone.name }}</option></select>
        </div>
        <div class="field"><label for="p-name">{{ t('garden.planting-dialog.called') }}</label><input id="p-name" v-model="form.name" class="native" autocomplete="off" :placeholder="t('garden.planting-dialog.as-plant')"></div>
        <div class="field"><label for="p-variety">{{ t('garden.planting-dialog.variety') }}</label><input id="p-variety" v-model="form.variety" class="native" autocomplete="off"></div>
        <div class="field">
          <label for="p-number">{{ t('garden.planting-dialog.how-many') }}</label>
          <input id="p-number" v-model.number="form.number" class="native" type="number" min="1" :aria-invalid="errors.number ? 'true' : undefined">
          <p v-if="errors.number" class="field-error">{{ errors.number }}</p>
        </div>
        <div class="field"><label for="p-stage">{{ t('garden.planting-dialog.stage') }}</label><select id="p-stage" v-model="form.stage" class="native"><option v-for="stage in stages" :key="stage">{{ stage }}</option></select></div>
        <div class="field">
          <label for="p-height">{{ t('garden.planting-dialog.height-cm') }}</label>
          <input id="p-height" v-model="form.height" class="native" inputmode="decimal" autocomplete="off" :aria-invalid="errors.height_cm ? 'true' : undefined">
          <p v-if="errors.height_cm" class="field-error">{{ errors.height_cm }}</p>
        </div>
        <div class="field">
          <label for="p-area">{{ t('garden.planting-dialog.ground-they-cover') }}</label>
          <input id="p-area" v-model="form.area" class="native" inputmode="decimal" autocomplete="off" :placeholder="t('garden.planting-dialog.bed')" :aria-invalid="errors.area_m2 ? 'true' : undefined">
          <p v-if="errors.area_m2" class="field-error">{{ errors.area_m2 }}</p>
        </div>
        <div class="field">
          <label for="p-pot">{{ t('garden.planting-dialog.litres-one-pot') }}</label>
          <input id="p-pot" v-model="form.pot" class="native" inputmode="decimal" autocomplete="off" :placeholder="t('garden.planting-dialog.drench')" :aria-invalid="errors.pot_l ? 'true' : undefined">
          <p v-if="errors.pot_l" class="field-error">{{ errors.pot_l }}</p>
        </div>
        <div class="field">
          <label for="p-value">{{ t('garden.planting-dialog.what-worth') }}</label>
          <select id="p-value" v-model="form.value" class="native"><option value="replaceable">{{ t('garden.planting-dialog.easily-replaced') }}</option><option value="dear">{{ t('garden.planting-dialog.dear') }}</option><option value="irreplaceable">{{ t('garden.planting-dialog.nothing-replaces') }}</option></select>
        </div>
        <div class="field"><label for="p-harvest">{{ t('garden.planting-dialog.next-harvest') }}</label><input id="p-harvest" v-model="form.harvest_on" class="native" type="date"></div>
        <div class="field"><label for="p-new">{{ t('garden.planting-dialog.new-kept-apart') }}</label><input id="p-new" v-model="form.new_until" class="native" type="date"></div>
        <div class="field"><label for="p-moved">{{ t('garden.planting-dialog.planted-potted') }}</label><input id="p-moved" v-model="form.moved_on" class="native" type="date"></div>
      </div>
      <section v-if="planting && bears.length" class="bears" aria-labelledby="p-bears">
        <h3 id="p-bears">{{ t('garden.planting-dialog.what-spray-should') }}</h3>
        <ul><li v-for="line in bears" :key="line">{{ line }}</li></ul>
      </section>
      <div class="checks">
        <label><input v-model="form.indoors" type="checkbox">{{ t('garden.planting-dialog.indoors') }}</label>
        <label><input v-model="form.in_flower" type="checkbox">{{ t('garden.planting-dialog.flower') }}</label>
        <label v-for="state in states" :key="state.id"><input v-model="form.states" type="checkbox" :value="state.id"> {{ state.label }}</label>
      </div>
      <plant-care v-if="shown" :key="planting?.id ?? 'new'" v-model="form.care" />
      <div class="field"><label for="p-note">{{ t('garden.planting-dialog.note') }}</label><input id="p-note" v-model="form.note" class="native" autocomplete="off"></div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ planting ? t('garden.planting-dialog.save') : t('garden.planting-dialog.add') }}</n-button>
        <n-button v-if="planting" @click="retiring = true">{{ t('garden.planting-dialog.retire') }}</n-button>
        <n-button @click="shown = false">{{ t('garden.planting-dialog.not-now') }}</n-button>
      </div>
    </form>
    <form v-else class="form-grid" @submit.prevent="retire">
      <p>{{ t('garden.planting-dialog.leaves-garden-what') }}</p>
      <div class="field"><label for="p-why">{{ t('garden.planting-dialog.why') }}</label><input id="p-why" v-model="why" class="native" autocomplete="off" :placeholder="t('garden.planting-dialog.harvested-died-given')"></div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('garden.planting-dialog.retire-2') }}</n-button>
        <n-button @click="retiring = false">{{ t('garden.planting-dialog.back') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.bears { background: var(--mist); border-radius: 10px; padding: 10px 16px; }
.bears ul { margin: 4px 0 0; padding-left: 18px; }
.checks { display: flex; flex-wrap: wrap; gap: 6px 24px; }
.checks label { display: flex; gap: 10px; align-items: center; min-height: 44px; }
.checks input { width: 22px; height: 22px; accent-color: var(--leaf); }
</style>
