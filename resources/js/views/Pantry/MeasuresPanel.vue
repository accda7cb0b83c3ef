<script setup lang="ts">
import { t } from '@/i18n'
import CalibrateDialog from './CalibrateDialog.vue'
import ToolDialog from './ToolDialog.vue'
import type { OwnMeasure, Pantry, Tool } from '@/api/client'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef } from 'vue'

/** What one measures with, and what one's own drop, squeeze and handful hold. */
const props = defineProps<{ pantry: Pantry; reload: () => Promise<unknown> }>()

const toolShown = ref(false)
const tool = shallowRef<Tool | null>(null)
const ownShown = ref(false)
const own = shallowRef<OwnMeasure | null>(null)
const kinds: Record<Tool['kind'], string> = {
  spoon: t('pantry.measures-panel.spoons-cups'),
  graduated: t('pantry.measures-panel.marks'),
  scale: 'scales',
  dropper: 'droppers',
}
const groups = computed(() =>
  (Object.keys(kinds) as Tool['kind'][])
    .map((kind) => ({ kind, tools: props.pantry.tools.filter((one) => one.kind === kind) }))
    .filter((group) => group.tools.length),
)

function openTool(one: Tool | null): void {
  tool.value = one
  toolShown.value = true
}
function openOwn(one: OwnMeasure | null): void {
  own.value = one
  ownShown.value = true
}
</script>

<template>
  <div class="both">
    <section aria-labelledby="tools">
      <h2 id="tools">{{ t('pantry.measures-panel.what-measure') }}</h2>
      <p class="soft">{{ t('pantry.measures-panel.each-dose-worked') }}</p>
      <div v-for="group in groups" :key="group.kind">
        <h3>{{ kinds[group.kind] }}</h3>
        <ul class="chips">
          <li v-for="one in group.tools" :key="one.id">
            <button type="button" @click="openTool(one)">
              {{ one.name }}
              <span v-if="one.size" class="soft small">{{ one.size }}<template v-if="one.step">{{ t('pantry.measures-panel.by', { step: one.step }) }}</template></span>
            </button>
          </li>
        </ul>
      </div>
      <p v-if="pantry.tools.length === 0" class="soft">{{ t('pantry.measures-panel.nothing-yet-doses') }}</p>
      <div>
        <n-button @click="openTool(null)">{{ t('pantry.measures-panel.add-spoon-syringe') }}</n-button>
      </div>
    </section>
    <section aria-labelledby="own">
      <h2 id="own">{{ t('pantry.measures-panel.own-measures') }}</h2>
      <p class="soft">{{ t('pantry.measures-panel.squeeze-anything-from') }}</p>
      <ul class="own">
        <li v-for="one in pantry.own_measures" :key="one.id">
          <button type="button" @click="openOwn(one)">
            <strong>{{
              t('pantry.measures-panel.a-is', {
                unitName: one.unit_name,
                thing: one.ingredient_name ? t('pantry.measures-panel.of', { thing: one.ingredient_name.toLowerCase() }) : '',
                said: one.said,
              })
            }}</strong>
            <span class="soft small">{{
              t('pantry.measures-panel.together-came', {
                range: one.range,
                count: one.count,
                and: one.totals.join(t('pantry.measures-panel.and')),
              })
            }}</span>
          </button>
        </li>
      </ul>
      <div>
        <n-button type="primary" @click="openOwn(null)">{{ t('pantry.measures-panel.measure-one') }}</n-button>
      </div>
    </section>
    <tool-dialog v-model:shown="toolShown" :tool="tool" :reload="reload" />
    <calibrate-dialog v-model:shown="ownShown" :measure="own" :choices="pantry.calibrations" :reload="reload" />
  </div>
</template>

<style scoped>
.both { display: grid; gap: var(--space-9); grid-template-columns: repeat(auto-fit, minmax(min(380px, 100%), 1fr)); align-items: start; }
section { display: grid; gap: var(--space-6); grid-template-columns: minmax(0, 1fr); }
h3 { color: var(--soft); font-size: var(--text-m); margin-bottom: var(--space-3); }
ul { list-style: none; margin: 0; padding: 0; }
.chips { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.chips button {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--line); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer;
}
.own { display: grid; gap: var(--space-4); }
.own button {
  width: 100%; text-align: left; display: grid; padding: var(--space-6) var(--space-7); border: 1px solid var(--line); border-radius:
  var(--radius-l); background: var(--paper); cursor: pointer;
}
button:hover { border-color: var(--leaf); }
</style>
