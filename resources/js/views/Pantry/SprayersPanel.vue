<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { useTimes } from '@/stores/times'
import { NButton } from 'naive-ui'
import { reactive, ref, shallowRef } from 'vue'

/** Sprayers and bottles: how much goes in, how fine they are, what they are kept for, what they last held. */
const props = defineProps<{ sprayers: Schemas['PantrySprayer'][]; reload: () => Promise<unknown> }>()

const store = useGarden()
const times = useTimes()
const { errors, busy, attempt, done, close } = useSaving()
const shown = ref(false)
const chosen = shallowRef<Schemas['Sprayer'] | null>(null)
const blank = { name: '', capacity: '', usable_fraction: '', material: '', dedicated_to: '', finest_passage_mm: '', ten_squeezes: '', one_minute: '' }
const form = reactive({ ...blank })

function open(sprayer: Schemas['Sprayer'] | null): void {
  errors.value = {}
  chosen.value = sprayer
  Object.assign(form, blank)
  if (sprayer) {
    Object.assign(form, {
      name: sprayer.name, capacity: `${sprayer.capacity_ml} mL`, usable_fraction: String(sprayer.usable_fraction), material: sprayer.material ?? '', dedicated_to: sprayer.dedicated_to ?? '',
      finest_passage_mm: sprayer.finest_passage_mm === null ? '' : String(sprayer.finest_passage_mm),
      ten_squeezes: sprayer.ml_per_squeeze === null ? '' : `${Number((sprayer.ml_per_squeeze * 10).toFixed(3))} mL`, one_minute: sprayer.ml_per_minute === null ? '' : `${sprayer.ml_per_minute} mL`,
    })
  }
  shown.value = true
}
const save = () => attempt(async () => {
  const path = { garden: store.id }
  const saved = chosen.value
    ? await take(api.PUT('/api/gardens/{garden}/sprayers/{sprayer}', { params: { path: { ...path, sprayer: chosen.value.id } }, body: { ...form, version: chosen.value.version } }))
    : await take(api.POST('/api/gardens/{garden}/sprayers', { params: { path }, body: { ...form } }))
  done(saved.change)
  await close(shown, props.reload)
})
const drop = () => attempt(async () => {
  const change = await take(api.DELETE('/api/gardens/{garden}/sprayers/{sprayer}', { params: { path: { garden: store.id, sprayer: chosen.value!.id } } }))
  done(change)
  await close(shown, props.reload)
})
</script>

<template>
  <section class="sprayers" :aria-label="t('pantry.sprayers-panel.sprayers')">
    <article v-for="{ sprayer, held, goes_in, squeeze, minute } in sprayers" :key="sprayer.id">
      <h2>{{ sprayer.name }}</h2>
      <dl>
        <div><dt>{{ t('pantry.sprayers-panel.goes') }}</dt><dd>{{ t('pantry.sprayers-panel.rest-air', { goesIn: goes_in }) }}</dd></div>
        <div><dt>{{ t('pantry.sprayers-panel.finest-passage') }}</dt><dd>{{ sprayer.finest_passage_mm === null ? t('pantry.sprayers-panel.not-measured') : t('pantry.sprayers-panel.mm', { finestPassageMm: sprayer.finest_passage_mm }) }}</dd></div>
        <div v-if="squeeze"><dt>{{ t('pantry.sprayers-panel.squeeze') }}</dt><dd>{{ squeeze }}</dd></div>
        <div v-if="minute"><dt>{{ t('pantry.sprayers-panel.minute') }}</dt><dd>{{ minute }}</dd></div>
        <div v-if="sprayer.material"><dt>{{ t('pantry.sprayers-panel.made') }}</dt><dd>{{ sprayer.material }}</dd></div>
        <div v-if="sprayer.dedicated_to"><dt>{{ t('pantry.sprayers-panel.kept') }}</dt><dd>{{ sprayer.dedicated_to }}</dd></div>
        <div><dt>{{ t('pantry.sprayers-panel.held-last') }}</dt><dd>{{ held ? `${held.recipe}, ${times.instant(held.applied_at)}` : t('pantry.sprayers-panel.nothing-written-down') }}</dd></div>
      </dl>
      <n-button size="small" :aria-label="t('pantry.sprayers-panel.change', { name: sprayer.name })" @click="open(sprayer)">{{ t('pantry.sprayers-panel.change-2') }}</n-button>
    </article>
    <div><n-button type="primary" @click="open(null)">{{ t('pantry.sprayers-panel.add-sprayer') }}</n-button></div>
    <app-dialog v-model:shown="shown" :title="chosen?.name ?? t('pantry.sprayers-panel.add-sprayer')" :width="640">
      <form class="form-grid" @submit.prevent="save">
        <div class="two">
          <div class="field"><label for="s-name">{{ t('pantry.sprayers-panel.called') }}</label><input id="s-name" v-model="form.name" class="native" autocomplete="off" :aria-invalid="errors.name ? 'true' : undefined"><p v-if="errors.name" class="field-error">{{ errors.name }}</p></div>
          <div class="field"><label for="s-capacity">{{ t('pantry.sprayers-panel.holds-filled-brim') }}</label><input id="s-capacity" v-model="form.capacity" class="native" autocomplete="off" :placeholder="t('pantry.sprayers-panel.2-l-1')" :aria-invalid="errors.capacity ? 'true' : undefined"><p v-if="errors.capacity" class="field-error">{{ errors.capacity }}</p></div>
          <div class="field"><label for="s-fraction">{{ t('pantry.sprayers-panel.part-fill-up') }}</label><input id="s-fraction" v-model="form.usable_fraction" class="native" inputmode="decimal" autocomplete="off" placeholder="0.85" :aria-invalid="errors.usable_fraction ? 'true' : undefined"><p v-if="errors.usable_fraction" class="field-error">{{ errors.usable_fraction }}</p></div>
          <div class="field"><label for="s-passage">{{ t('pantry.sprayers-panel.finest-passage-mm') }}</label><input id="s-passage" v-model="form.finest_passage_mm" class="native" inputmode="decimal" autocomplete="off" :placeholder="t('pantry.sprayers-panel.nozzle-filter-0')" :aria-invalid="errors.finest_passage_mm ? 'true' : undefined"><p v-if="errors.finest_passage_mm" class="field-error">{{ errors.finest_passage_mm }}</p></div>
          <div class="field"><label for="s-squeezes">{{ t('pantry.sprayers-panel.ten-squeezes-into') }}</label><input id="s-squeezes" v-model="form.ten_squeezes" class="native" autocomplete="off" :placeholder="t('pantry.sprayers-panel.11-ml')" :aria-invalid="errors.ten_squeezes ? 'true' : undefined"><p v-if="errors.ten_squeezes" class="field-error">{{ errors.ten_squeezes }}</p></div>
          <div class="field"><label for="s-minute">{{ t('pantry.sprayers-panel.minute-spraying-came') }}</label><input id="s-minute" v-model="form.one_minute" class="native" autocomplete="off" :placeholder="t('pantry.sprayers-panel.320-ml')" :aria-invalid="errors.one_minute ? 'true' : undefined"><p v-if="errors.one_minute" class="field-error">{{ errors.one_minute }}</p></div>
          <div class="field"><label for="s-material">{{ t('pantry.sprayers-panel.made') }}</label><input id="s-material" v-model="form.material" class="native" autocomplete="off" :placeholder="t('pantry.sprayers-panel.plastic-brass-lance')"></div>
          <div class="field"><label for="s-for">{{ t('pantry.sprayers-panel.kept-one-thing') }}</label><input id="s-for" v-model="form.dedicated_to" class="native" autocomplete="off" :placeholder="t('pantry.sprayers-panel.weeds-paths')"></div>
        </div>
        <div class="actions">
          <n-button type="primary" attr-type="submit" :loading="busy">{{ chosen ? t('pantry.sprayers-panel.save') : t('pantry.sprayers-panel.add-sprayer-2') }}</n-button>
          <n-button v-if="chosen" @click="drop">{{ t('pantry.sprayers-panel.take-out') }}</n-button>
          <n-button @click="shown = false">{{ t('pantry.sprayers-panel.not-now') }}</n-button>
        </div>
      </form>
    </app-dialog>
  </section>
</template>

<style scoped>
.sprayers { display: grid; gap: 12px; grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr)); align-items: start; }
article { background: var(--paper); border: 1px solid var(--line); border-radius: 12px; padding: 14px 18px 16px; display: grid; gap: 10px; justify-items: start; }
dl { margin: 0; display: grid; gap: 4px; width: 100%; }
dl div { display: grid; grid-template-columns: 124px minmax(0, 1fr); gap: 10px; }
dt { color: var(--soft); }
dd { margin: 0; }
</style>
