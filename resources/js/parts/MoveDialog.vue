<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import AppDialog from './AppDialog.vue'
import DayMeaning from './DayMeaning.vue'
import { ApiFailure, type Round } from '@/api/client'
import { useRoundDays, type RoundDay } from '@/composables/useRoundDays'
import { useOpenOnceKnown } from '@/composables/useOpenOnceKnown'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'

/** Another day for a round, with what that would mean shown before it is moved. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ round: Round; title: string }>()
const emit = defineEmits<{ changed: [] }>()
const times = useTimes()
const { days, load, on, move, errors, busy } = useRoundDays()
const day = ref('')
const hour = ref<number | ''>('')
const reason = ref('')
const { isOpen, once } = useOpenOnceKnown(shown)
const SHOWN = 14
const strip = computed(() => days.value.slice(0, SHOWN))
const MARKS: Record<RoundDay['word'], string> = { fine: '●', poor: '◐', no: '×', unknown: '○' }

watch(
  shown,
  async (now) => {
    if (!now) return
    errors.value = {}
    day.value = props.round.due_on
    hour.value = props.round.due_hour ?? ''
    reason.value = ''
    try {
      await once(load(props.round))
    } catch (e) {
      // The day can be chosen without knowing what it means.
      if (!(e instanceof ApiFailure)) throw e
    }
  },
  { immediate: true },
)

function choose(one: RoundDay): void {
  day.value = one.day
  hour.value = one.hour ?? ''
}
async function confirm(): Promise<void> {
  await move(props.round, day.value, hour.value === '' ? null : hour.value, reason.value)
  if (Object.keys(errors.value).length > 0) return
  // Moved, or somebody was quicker; before it is closed, as what is no longer there tells nobody.
  emit('changed')
  shown.value = false
}
</script>

<template>
  <app-dialog v-model:shown="isOpen" :title="t('parts.move-dialog.move', { title })" :width="560">
    <form class="form-grid" @submit.prevent="confirm">
      <div v-if="strip.length" class="strip" role="group" :aria-label="t('parts.move-dialog.next-two-weeks')">
        <button
          v-for="one in strip"
          :key="one.day"
          type="button"
          :class="[one.word, { best: one.is_best }]"
          :aria-pressed="one.day === day"
          :aria-label="`${times.day(one.day)}: ${one.word === 'no' ? t('parts.move-dialog.no-hour') : one.word}${one.is_best ? t('parts.move-dialog.best') : ''}`"
          @click="choose(one)"
        >
          <span>{{ times.day(one.day, 'short').split(' ')[0]?.replace(',', '').slice(0, 2) }}</span><strong>{{
            Number(one.day.slice(8))
          }}</strong><span aria-hidden="true">{{ MARKS[one.word] }}</span>
        </button>
      </div>
      <div class="two">
        <app-field :id="`day-${round.id}`" v-slot="field" :label="t('parts.move-dialog.to')" :error="errors.due_on">
          <input v-bind="field" v-model="day" type="date" />
        </app-field>
        <app-field :id="`hour-${round.id}`" v-slot="field" :label="t('parts.move-dialog.at')">
          <select v-bind="field" v-model="hour">
            <option value="">{{ t('parts.move-dialog.any-hour') }}</option>
            <option v-for="n in 24" :key="n" :value="n - 1">{{ times.hour(n - 1) }}</option>
          </select>
        </app-field>
      </div>
      <day-meaning v-if="day" :day="day" :meaning="on(day)" />
      <app-field :id="`reason-${round.id}`" v-slot="field" :label="t('parts.move-dialog.why')">
        <input v-bind="field" v-model="reason" :placeholder="t('parts.move-dialog.rain-wind-bloom')" />
      </app-field>
      <p v-if="errors.status" class="field-error">{{ errors.status }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('parts.move-dialog.move-round') }}</n-button>
        <n-button @click="shown = false">{{ t('parts.move-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.strip { display: grid; grid-template-columns: repeat(7, minmax(0, 1fr)); gap: var(--space-3); }
.strip button {
  font: inherit; color: inherit; border: 1px solid var(--line); background: var(--paper); border-radius: var(--radius-m); padding:
  var(--space-2) 0; min-height: 62px; display: grid; justify-items: center; cursor: pointer; line-height: 1.25;
}
.strip button.fine { background: var(--leaf-wash); }
.strip button.poor { background: var(--brass-wash); }
.strip button.no { background: var(--madder-wash); }
.strip button[aria-pressed='true'] { outline: 3px solid var(--leaf); outline-offset: 0; }
.strip button.best strong { text-decoration: underline; text-underline-offset: 3px; }
.strip button:focus-visible { outline: 3px solid var(--brass); }
</style>
