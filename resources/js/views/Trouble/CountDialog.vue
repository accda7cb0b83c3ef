<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type TroublePage } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { useTimes } from '@/stores/times'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'

/** Counting plant by plant, with steppers for a thumb. The draft stays on this device if the phone locks. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ page: TroublePage }>()
const emit = defineEmits<{ done: [] }>()

/** As typed, one for each plant; empty where it was not looked at. */
interface Draft { counts: string[]; enemies: 'none' | 'some' | 'many'; note: string }
const store = useGarden()
const times = useTimes()
const { errors, busy, attempt, done } = useSaving()
const drafts = useLocalStorage<Record<string, Draft>>('nebbia.count-drafts', {})
const at = ref('')
const id = computed(() => props.page.brief.id)
const plan = computed(() => props.page.plan)
const draft = computed(() => drafts.value[id.value])
const isShare = computed(() => plan.value.measure === 'percent-leaf')
const isYesNo = computed(() => plan.value.measure === 'percent-plants')
const steps = computed(() => (isShare.value ? [1, 5, 10] : [1, 5, 20]))

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  at.value = times.nowField()
  if (draft.value?.counts.length !== plan.value.plants.length) {
    drafts.value = { ...drafts.value, [id.value]: { counts: plan.value.plants.map(() => ''), enemies: 'none', note: '' } }
  }
}, { immediate: true })

function set(n: number, text: string): void {
  const one = draft.value
  if (one) one.counts = one.counts.map((old, m) => (m === n ? text : old))
  errors.value = {}
}
/** Steps from what stands there; text that is no plain number is left for the server to complain of, not overwritten. */
function add(n: number, by: number): void {
  const count = Number(draft.value?.counts[n]?.trim().replace(',', '.') ?? '')
  if (!Number.isNaN(count)) set(n, String(Math.max(0, count + by)))
}
const looked = computed(() => (draft.value?.counts ?? []).flatMap((text, n) => (text.trim() === '' ? [] : [{ n, text }])))
const unit = computed(() => (plan.value.measure === 'per-card' ? t('trouble.count-dialog.card') : t('trouble.count-dialog.plant-2')))
const placeOf = (n: number) => `${unit.value} ${plan.value.plants[n]}`
/** Complaints by the plant they are about: plants that were not looked at are not sent, so the server counts otherwise. */
const wrong = computed(() => {
  const found: Record<number, string> = {}
  for (const [field, message] of Object.entries(errors.value)) {
    const one = looked.value[Number(/^counts\.(\d+)$/.exec(field)?.[1] ?? -1)]
    if (one) found[one.n] = `${placeOf(one.n)} (“${one.text.trim()}”): ${message}`
  }
  return found
})

const save = () => attempt(async () => {
  const change = await take(api.POST('/api/gardens/{garden}/troubles/{trouble}/counts', {
    params: { path: { garden: store.id, trouble: id.value } },
    body: { counts: looked.value.map((one) => one.text), leaves_per_plant: plan.value.leaves_per_plant, enemies: draft.value?.enemies ?? 'none', note: draft.value?.note ?? '', counted_at: at.value.slice(0, 16) },
  }))
  const rest = { ...drafts.value }
  Reflect.deleteProperty(rest, id.value)
  shown.value = false
  drafts.value = rest
  done(change)
  emit('done')
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('trouble.count-dialog.count', { name: page.brief.name, planting: page.brief.planting })" :width="640">
    <form v-if="draft" class="form-grid" @submit.prevent="save">
      <p>{{ plan.how }}</p>
      <ol>
        <li v-for="(place, n) in plan.plants" :key="place">
          <label :for="`c-${n}`">{{ unit }} {{ place }}</label>
          <span v-if="isYesNo" class="stepper" role="group" :aria-label="t('trouble.count-dialog.plant', { place })">
            <button type="button" :aria-pressed="draft.counts[n] === '1'" @click="set(n, '1')">{{ t('trouble.count-dialog.has') }}</button>
            <button type="button" :aria-pressed="draft.counts[n] === '0'" @click="set(n, '0')">{{ t('trouble.count-dialog.clean') }}</button>
          </span>
          <span v-else class="stepper">
            <button type="button" :aria-label="t('trouble.count-dialog.one-less', { thing: unit.toLowerCase(), place })" @click="add(n, -1)">−</button>
            <input :id="`c-${n}`" class="native" inputmode="numeric" autocomplete="off" :value="draft.counts[n]" :aria-invalid="wrong[n] ? 'true' : undefined" @input="set(n, ($event.target as HTMLInputElement).value)">
            <button v-for="step in steps" :key="step" type="button" :aria-label="t('trouble.count-dialog.more', { step, thing: unit.toLowerCase(), place })" @click="add(n, step)">+{{ step }}</button>
          </span>
        </li>
      </ol>
      <p class="soft small"><template v-if="plan.leaves_per_plant > 1">{{ t('trouble.count-dialog.enter-what-all', { leavesPerPlant: plan.leaves_per_plant }) }}</template>{{ t('trouble.count-dialog.leave-plant-empty') }}</p>
      <div class="two">
        <div class="field">
          <label for="c-enemies">{{ t('trouble.count-dialog.natural-enemies') }}</label>
          <select id="c-enemies" v-model="draft.enemies" class="native"><option value="none">{{ t('trouble.count-dialog.none-seen') }}</option><option value="some">{{ t('trouble.count-dialog.some') }}</option><option value="many">{{ t('trouble.count-dialog.many') }}</option></select>
          <p v-if="page.target?.enemies.length" class="soft small">{{ page.target.enemies.join(', ') }}</p>
        </div>
        <div class="field"><label for="c-at">{{ t('trouble.count-dialog.when') }}</label><input id="c-at" v-model="at" class="native" type="datetime-local"><p v-if="errors.counted_at" class="field-error">{{ errors.counted_at }}</p></div>
      </div>
      <div class="field"><label for="c-note">{{ t('trouble.count-dialog.note') }}</label><input id="c-note" v-model="draft.note" class="native" autocomplete="off"></div>
      <p v-for="(message, n) in wrong" :key="n" class="field-error">{{ message }}</p>
      <p v-if="errors.counts" class="field-error">{{ errors.counts }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('trouble.count-dialog.keep-count') }}</n-button>
        <n-button @click="shown = false">{{ t('trouble.count-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
ol { list-style: none; margin: 0; padding: 0; display: grid; gap: 8px; }
li { display: flex; flex-wrap: wrap; gap: 4px 14px; align-items: center; justify-content: space-between; }
li label { font-weight: 600; min-width: 76px; }
.stepper { display: flex; gap: 6px; }
.stepper button { min-width: 52px; min-height: 52px; border: 1px solid var(--soft); border-radius: 10px; background: var(--paper); font-weight: 600; font-size: 17px; cursor: pointer; padding: 0 8px; }
.stepper button:active, .stepper button[aria-pressed='true'] { background: var(--leaf-wash); border-color: var(--leaf); }
.stepper input { width: 78px; text-align: center; font-size: 20px; min-height: 52px; }
</style>
