<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type TroublePage } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'

/** Counting plant by plant, with steppers for a thumb. The draft stays on this device if the phone locks. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ page: TroublePage }>()
const emit = defineEmits<{ done: [] }>()

/** As typed, one for each plant; empty where it was not looked at. */
interface Draft {
  counts: string[]
  enemies: 'none' | 'some' | 'many'
  note: string
}
const store = useGarden()
const times = useTimes()
const id = computed(() => props.page.brief.id)
const plan = computed(() => props.page.plan)
const at = ref('')
const { values: draft, errors, busy, notes, attempt, done } = useForm<Draft>(shown, {
  reload: () => emit('done'),
  kept: () => `count.${id.value}.${plan.value.plants.length}`,
  blank: () => ({ counts: plan.value.plants.map(() => ''), enemies: 'none', note: '' }),
  opened: () => {
    at.value = times.nowField()
  },
})
const isShare = computed(() => plan.value.measure === 'percent-leaf')
const isYesNo = computed(() => plan.value.measure === 'percent-plants')
const steps = computed(() => (isShare.value ? [1, 5, 10] : [1, 5, 20]))

function set(n: number, text: string): void {
  draft.counts = draft.counts.map((old, m) => (m === n ? text : old))
  errors.value = {}
}
/** Steps from what stands there; text that is no plain number is left for the server to complain of, not overwritten. */
function add(n: number, by: number): void {
  const count = Number(draft.counts[n]?.trim().replace(',', '.') ?? '')
  if (!Number.isNaN(count)) set(n, String(Math.max(0, count + by)))
}
const looked = computed(() => draft.counts.flatMap((text, n) => (text.trim() === '' ? [] : [{ n, text }])))
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

const save = () =>
  attempt(async () => {
    const change = await take(
      api.POST('/api/gardens/{garden}/troubles/{trouble}/counts', {
        params: { path: { garden: store.id, trouble: id.value } },
        body: {
          counts: looked.value.map((one) => one.text),
          leaves_per_plant: plan.value.leaves_per_plant,
          enemies: draft.enemies,
          note: draft.note,
          counted_at: at.value.slice(0, 16),
        },
      }),
    )
    shown.value = false
    done(change)
    emit('done')
  })
</script>

<template>
  <app-dialog
    v-model:shown="shown"
    :title="t('trouble.count-dialog.count', { name: page.brief.name, planting: page.brief.planting })"
    :width="640"
  >
    <form class="form-grid" @submit.prevent="save">
      <p>{{ plan.how }}</p>
      <ol>
        <li v-for="(place, n) in plan.plants" :key="place">
          <label :for="`c-${n}`">{{ unit }} {{ place }}</label>
          <span v-if="isYesNo" class="stepper" role="group" :aria-label="t('trouble.count-dialog.plant', { place })">
            <button type="button" :aria-pressed="draft.counts[n] === '1'" @click="set(n, '1')">{{ t('trouble.count-dialog.has') }}</button>
            <button type="button" :aria-pressed="draft.counts[n] === '0'" @click="set(n, '0')">
              {{ t('trouble.count-dialog.clean') }}
            </button>
          </span>
          <span v-else class="stepper">
            <button
              type="button"
              :aria-label="t('trouble.count-dialog.one-less', { thing: unit.toLowerCase(), place })"
              @click="add(n, -1)"
            >
              −
            </button>
            <input
              :id="`c-${n}`"
              class="native"
              inputmode="numeric"
              autocomplete="off"
              :value="draft.counts[n]"
              :aria-invalid="wrong[n] ? 'true' : undefined"
              @input="set(n, ($event.target as HTMLInputElement).value)"
            />
            <button
              v-for="step in steps"
              :key="step"
              type="button"
              :aria-label="t('trouble.count-dialog.more', { step, thing: unit.toLowerCase(), place })"
              @click="add(n, step)"
            >
              +{{ step }}
            </button>
          </span>
        </li>
      </ol>
      <p class="soft small">
        <template v-if="plan.leaves_per_plant > 1">
          {{
            t('trouble.count-dialog.enter-what-all', { leavesPerPlant: plan.leaves_per_plant })
          }}
        </template>{{ t('trouble.count-dialog.leave-plant-empty') }}
      </p>
      <div class="two">
        <app-field
          id="c-enemies"
          v-slot="field"
          :label="t('trouble.count-dialog.natural-enemies')"
          :hint="page.target?.enemies.length ? page.target.enemies.join(', ') : ''"
        >
          <select v-bind="field" v-model="draft.enemies">
            <option value="none">{{ t('trouble.count-dialog.none-seen') }}</option>
            <option value="some">{{ t('trouble.count-dialog.some') }}</option>
            <option value="many">{{ t('trouble.count-dialog.many') }}</option>
          </select>
        </app-field>
        <app-field id="c-at" v-slot="field" :label="t('trouble.count-dialog.when')" :error="errors.counted_at">
          <input v-bind="field" v-model="at" type="datetime-local" />
        </app-field>
      </div>
      <app-field id="c-note" v-slot="field" :label="t('trouble.count-dialog.note')">
        <input v-bind="field" v-model="draft.note" />
      </app-field>
      <p v-for="(message, n) in wrong" :key="n" class="field-error">{{ message }}</p>
      <p v-if="errors.counts" class="field-error">{{ errors.counts }}</p>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('trouble.count-dialog.keep-count') }}</n-button>
        <n-button @click="shown = false">{{ t('trouble.count-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
ol { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-4); }
li { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-6); align-items: center; justify-content: space-between; }
li label { font-weight: 600; min-width: 76px; }
.stepper { display: flex; gap: var(--space-3); }
.stepper button {
  min-width: 52px; min-height: 52px; border: 1px solid var(--soft); border-radius: var(--radius-l); background: var(--paper); font-weight:
  600; font-size: var(--text-l); cursor: pointer; padding: 0 var(--space-4);
}
.stepper button:active, .stepper button[aria-pressed='true'] { background: var(--leaf-wash); border-color: var(--leaf); }
.stepper input { width: 78px; text-align: center; font-size: var(--text-xl); min-height: 52px; }
</style>
