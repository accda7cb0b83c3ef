<script setup lang="ts">
import { t } from '@/i18n'
import type { Bench, RecipeBody } from '@/api/client'
import BurdenBar from '@/parts/BurdenBar.vue'
import FindingList from '@/parts/FindingList.vue'
import StrengthGauge from '@/parts/StrengthGauge.vue'
import PatchStrip from './PatchStrip.vue'
import StrengthSlider from './StrengthSlider.vue'

/** How strong it is, what it does, what is to be minded, and where it would tip over. */
const factor = defineModel<number>('factor', { required: true })
defineProps<{ bench: Bench; recipeId: string | null; plantingId: string | null; changed: boolean }>()
defineEmits<{ write: [stronger: RecipeBody]; put: [] }>()
</script>

<template>
  <div class="panel">
    <h2 id="in-bottle">
      {{ t('bench.bench-view.bottle') }}
      <span v-if="bench.strengths.some((s) => s.severity !== 'unjudged')" class="against soft">{{
        t('bench.bench-view.against', { against: bench.against })
      }}</span>
    </h2>
    <strength-gauge v-for="strength in bench.strengths" :key="strength.substance" :strength="strength" />
    <burden-bar
      v-if="bench.burden !== null"
      :said="bench.said_burden"
      :parts="bench.said_parts"
      :factor="bench.burden_factor"
      :strengths="bench.strengths"
    />
    <ul v-if="bench.safety?.aims.length" class="aims" :aria-label="t('bench.bench-view.what-it-does')">
      <li v-for="aim in bench.safety.aims" :key="aim.target" :class="aim.word">{{ aim.said }}</li>
    </ul>
    <finding-list :findings="bench.findings" fold />
    <strength-slider v-model="factor" :bench="bench" @write="$emit('write', $event)" />
    <patch-strip
      v-if="bench.safety?.ladder"
      :ladder="bench.safety.ladder"
      :recipe-id="recipeId"
      :planting-id="plantingId"
      :changed="changed"
      @put="$emit('put')"
    />
  </div>
</template>

<style scoped>
.panel { display: contents; }
.against { font: 400 var(--text-s) var(--plain); }
.aims { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-3); }
.aims li { border-left: 4px solid var(--leaf); padding-left: var(--space-5); font-weight: 600; }
.aims .nothing, .aims .tried, .aims .weak { border-color: var(--brass); }
.aims .little { border-color: var(--line); font-weight: 400; }
</style>
