<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import type { PreparationStory, Schemas } from '@/api/client'
import { NButton } from 'naive-ui'
import { computed, reactive, watch } from 'vue'

/** What is done with a jar that stands on the shelf: measured, tested, moved, used. */
const props = defineProps<{ story: PreparationStory; errors: Record<string, string>; busy: boolean }>()
const emit = defineEmits<{ tend: [what: Omit<Schemas['PreparationChange'], 'version'>]; throwAway: []; use: [] }>()

const PLACES = { warm: t('making.jar-tools.cool-dark'), fridge: t('making.jar-tools.fridge'), frozen: t('making.jar-tools.frozen') }
type Place = keyof typeof PLACES
const jar = computed(() => props.story.preparation)
const places = computed(() => jar.value.places.filter((one): one is Place => one in PLACES))
const form = reactive({ left: '', ph: '', clear: '' as '' | 'yes' | 'no', testPh: '' })
watch(
  jar,
  (now) => {
    Object.assign(form, { left: now.left ?? '', ph: now.ph?.toString() ?? '', clear: '', testPh: '' })
  },
  { immediate: true },
)
const isFit = computed(() => ['ready', 'use-soon'].includes(jar.value.state))
</script>

<template>
  <section class="tools" :aria-label="t('making.jar-tools.shelf')">
    <form
      v-if="jar.is_soap && jar.state !== 'empty'"
      class="test"
      @submit.prevent="emit('tend', { test: { clear: form.clear === 'yes', ph: form.testPh } })"
    >
      <h2>{{ t('making.jar-tools.test-before-used') }}</h2>
      <p v-if="jar.tested" class="tested">{{ jar.tested }}</p>
      <p>{{ t('making.jar-tools.pea-glass-hot') }}</p>
      <div class="two">
        <app-field id="j-clear" v-slot="field" :label="t('making.jar-tools.was-clear')">
          <select v-bind="field" v-model="form.clear" required>
            <option value="" disabled>{{ t('making.jar-tools.look-first') }}</option>
            <option value="yes">{{ t('making.jar-tools.clear-without-droplets') }}</option>
            <option value="no">{{ t('making.jar-tools.cloudy-droplets-top') }}</option>
          </select>
        </app-field>
        <app-field id="j-test-ph" v-slot="field" :label="t('making.jar-tools.ph-1-solution')" :error="errors['test.ph']">
          <input v-bind="field" v-model="form.testPh" inputmode="decimal" required placeholder="9.5" />
        </app-field>
      </div>
      <div>
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('making.jar-tools.write-test-down') }}</n-button>
      </div>
    </form>
    <form v-if="jar.measure_ph" class="row" @submit.prevent="emit('tend', { ph: form.ph.trim() || null })">
      <app-field id="j-ph" v-slot="field" :label="t('making.jar-tools.its-ph-as')" :error="errors.ph">
        <input v-bind="field" v-model="form.ph" inputmode="decimal" :placeholder="t('making.jar-tools.not-measured')" />
      </app-field>
      <n-button attr-type="submit" :disabled="busy">{{ t('making.jar-tools.write-down') }}</n-button>
    </form>
    <form class="row" @submit.prevent="emit('tend', { left: form.left })">
      <app-field id="j-left" v-slot="field" :label="t('making.jar-tools.how-much-left')" :error="errors.left">
        <input v-bind="field" v-model="form.left" />
      </app-field>
      <n-button attr-type="submit" :disabled="busy">{{ t('making.jar-tools.write-down') }}</n-button>
    </form>
    <app-field v-if="places.length > 1" id="j-place" v-slot="field" :label="t('making.jar-tools.where-stands')" :error="errors.kept">
      <select
        v-bind="field"
        :value="jar.place"
        :disabled="busy"
        @change="emit('tend', { kept: ($event.target as HTMLSelectElement).value as Place })"
      >
        <option v-for="place in places" :key="place" :value="place">{{ PLACES[place] }}</option>
      </select>
    </app-field>
    <div class="actions">
      <n-button v-if="isFit && jar.into !== 'neat'" type="primary" @click="emit('use')">
        {{
          t('making.jar-tools.make-spray', { into: jar.into })
        }}
      </n-button>
      <n-button @click="emit('throwAway')">
        {{
          jar.state === 'empty' ? t('making.jar-tools.clear-away') : t('making.jar-tools.throw-away')
        }}
      </n-button>
    </div>
  </section>
</template>

<style scoped>
.tools { display: grid; gap: var(--space-7); max-width: 620px; }
.test {
  display: grid; gap: var(--space-5); background: var(--brass-wash); border-radius: var(--radius-l); padding: var(--space-7)
  var(--space-7);
}
.tested { font-weight: 600; }
.row { display: flex; flex-wrap: wrap; gap: var(--space-5); align-items: end; }
.row .field { flex: 1 1 220px; }
</style>
