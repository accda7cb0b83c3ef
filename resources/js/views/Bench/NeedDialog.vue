<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import PlantingTicks from '@/parts/PlantingTicks.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, ApiFailure, take, type Need, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useUnits } from '@/composables/useUnits'
import { NButton } from 'naive-ui'
import { reactive, ref, shallowRef, watch } from 'vue'

/** How much spray some plantings take, and which sprayer filled how often does it. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ plantingId: string | null; usedFor: string; wets: boolean }>()
const emit = defineEmits<{ take: [sprayerId: string, volume: string] }>()

const store = useGarden()
const need = shallowRef<Need | null>(null)
const errors = ref<Record<string, string>>({})
const latest = useLatest<Need | null>()
const { names, withUnit } = useUnits()
const form = reactive({ plantings: [] as string[], wetting: 'run-off' as Schemas['NeedRequest']['wetting'], ground: '' })

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  form.wetting = props.usedFor === 'drench' ? 'drench' : props.usedFor === 'weed' ? 'ground' : 'run-off'
  form.plantings = props.plantingId ? [props.plantingId] : []
  void ask()
})
async function ask(): Promise<void> {
  const isNothing = form.wetting === 'ground' ? form.ground.trim() === '' : form.plantings.length === 0
  try {
    need.value = await latest(
      isNothing
        ? Promise.resolve(null)
        : take(
            api.POST('/api/gardens/{garden}/bench/need', {
              params: { path: { garden: store.id } },
              body: {
                planting_ids: form.wetting === 'ground' ? [] : form.plantings,
                wetting: form.wetting,
                wets: props.wets,
                ground_m2: withUnit(form.ground, names.value.area),
              },
            }),
          ),
    )
    errors.value = {}
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 422) throw e
    errors.value = e.fields
    need.value = null
  }
}
watch(
  form,
  () => {
    if (shown.value) void ask()
  },
  { deep: true },
)

function use(way: Schemas['FillWay']): void {
  const fill = way.fills[0]
  if (!fill) return
  shown.value = false
  emit('take', fill.sprayer_id, way.volume)
}
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('bench.need-dialog.how-much-do')" :width="860">
    <div class="sides">
      <div class="left">
        <app-field id="n-wetting" v-slot="field" :label="t('bench.need-dialog.put')">
          <select v-bind="field" v-model="form.wetting">
            <option value="run-off">{{ t('bench.need-dialog.until-drips-both') }}</option>
            <option value="mist">{{ t('bench.need-dialog.as-mist') }}</option>
            <option value="drench">{{ t('bench.need-dialog.as-drench-pot') }}</option>
            <option value="ground">{{ t('bench.need-dialog.open-ground-paths') }}</option>
          </select>
        </app-field>
        <app-field
          v-if="form.wetting === 'ground'"
          id="n-ground"
          v-slot="field"
          :label="t('bench.need-dialog.how-much-ground', { unit: names.area })"
          :error="errors.ground_m2 ?? errors.area_m2"
        >
          <input v-bind="field" v-model="form.ground" inputmode="decimal" placeholder="12" />
        </app-field>
        <fieldset v-else>
          <legend>{{ t('bench.need-dialog.which-plants') }}</legend>
          <planting-ticks v-slot="{ planting }" v-model="form.plantings">
            <span class="soft small">{{ planting.number }} ×{{ planting.height_said ? t('bench.need-dialog.cm', { height: planting.height_said }) : '' }}</span>
          </planting-ticks>
        </fieldset>
      </div>
      <div class="right" aria-live="polite">
        <template v-if="need">
          <p class="total">
            <strong>{{ need.said }}</strong> <span class="soft">{{ t('bench.need-dialog.likely', { range: need.range }) }}</span>
          </p>
          <p class="soft small">{{ t('bench.need-dialog.make-tenth-more', { withExtra: need.with_extra }) }}</p>
          <ul class="stands">
            <li v-for="stand in need.stands" :key="stand.name">
              <span v-if="stand.name" class="name">{{ stand.name }}</span><strong>{{ stand.total }}</strong><span class="soft small wide">{{
                t('bench.need-dialog.ground-certainty', {
                  because: stand.because,
                  range: stand.range,
                  basis: stand.basis,
                  sure: stand.sure,
                })
              }}</span>
            </li>
          </ul>
          <h3>{{ t('bench.need-dialog.from-sprayers') }}</h3>
          <ul class="ways">
            <li v-for="(way, n) in need.ways" :key="n">
              <span><template v-for="(fill, m) in way.fills" :key="fill.sprayer_id"><template v-if="m">{{ t('bench.need-dialog.and') }}</template>{{ fill.name }},
                {{ fill.fills === 1 ? t('bench.need-dialog.once') : t('bench.need-dialog.times', { fills: fill.fills }) }} {{ fill.each
                }}<span v-if="fill.dedicated_to" class="soft small">{{
                  t('bench.need-dialog.kept', { dedicatedTo: fill.dedicated_to })
                }}</span></template><span v-if="way.takes" class="soft small">, {{ way.takes }}</span></span>
              <n-button v-if="way.fills.length === 1" size="small" @click="use(way)">{{ t('bench.need-dialog.mix-so') }}</n-button>
            </li>
          </ul>
        </template>
        <p v-else-if="errors.pot_l ?? errors.planting_ids" class="field-error">{{ errors.pot_l ?? errors.planting_ids }}</p>
        <p v-else class="soft">{{ t('bench.need-dialog.choose-what-sprayed') }}</p>
      </div>
    </div>
  </app-dialog>
</template>

<style scoped>
.sides {
  display: grid; gap: var(--space-8) var(--space-9); grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr)); align-items:
  start;
}
.left, .right { display: grid; gap: var(--space-6); grid-template-columns: minmax(0, 1fr); }
fieldset {
  border: 1px solid var(--line); border-radius: var(--radius-m); padding: var(--space-4) var(--space-6) var(--space-6); min-width: 0;
}
legend { font-weight: 600; font-size: var(--text-s); padding: 0 var(--space-3); }
.total strong { font: 600 var(--text-3xl)/1.2 var(--title); }
ul { list-style: none; margin: 0; padding: 0; }
li {
  border-top: 1px solid var(--line); padding: var(--space-4) 0; display: flex; flex-wrap: wrap; justify-content: space-between; gap:
  var(--space-1) var(--space-6); align-items: center;
}
.wide { flex-basis: 100%; }
.ways li > span { flex: 1 1 200px; }
</style>
