<script setup lang="ts">
import { t } from '@/i18n'
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
watch(jar, (now) => { Object.assign(form, { left: now.left ?? '', ph: now.ph?.toString() ?? '', clear: '', testPh: '' }) }, { immediate: true })
const isFit = computed(() => ['ready', 'use-soon'].includes(jar.value.state))
</script>

<template>
  <section class="tools" :aria-label="t('making.jar-tools.shelf')">
    <form v-if="jar.is_soap && jar.state !== 'empty'" class="test" @submit.prevent="emit('tend', { test: { clear: form.clear === 'yes', ph: form.testPh } })">
      <h2>{{ t('making.jar-tools.test-before-used') }}</h2>
      <p v-if="jar.tested" class="tested">{{ jar.tested }}</p>
      <p>{{ t('making.jar-tools.pea-glass-hot') }}</p>
      <div class="two">
        <div class="field">
          <label for="j-clear">{{ t('making.jar-tools.was-clear') }}</label>
          <select id="j-clear" v-model="form.clear" class="native" required>
            <option value="" disabled>{{ t('making.jar-tools.look-first') }}</option><option value="yes">{{ t('making.jar-tools.clear-without-droplets') }}</option><option value="no">{{ t('making.jar-tools.cloudy-droplets-top') }}</option>
          </select>
        </div>
        <div class="field">
          <label for="j-test-ph">{{ t('making.jar-tools.ph-1-solution') }}</label>
          <input id="j-test-ph" v-model="form.testPh" class="native" inputmode="decimal" required autocomplete="off" placeholder="9.5" :aria-invalid="errors['test.ph'] ? 'true' : undefined">
          <p v-if="errors['test.ph']" class="field-error">{{ errors['test.ph'] }}</p>
        </div>
      </div>
      <div><n-button type="primary" attr-type="submit" :loading="busy">{{ t('making.jar-tools.write-test-down') }}</n-button></div>
    </form>
    <form v-if="jar.measure_ph" class="row" @submit.prevent="emit('tend', { ph: form.ph.trim() || null })">
      <div class="field">
        <label for="j-ph">{{ t('making.jar-tools.its-ph-as') }}</label>
        <input id="j-ph" v-model="form.ph" class="native" inputmode="decimal" autocomplete="off" :placeholder="t('making.jar-tools.not-measured')" :aria-invalid="errors.ph ? 'true' : undefined">
        <p v-if="errors.ph" class="field-error">{{ errors.ph }}</p>
      </div>
      <n-button attr-type="submit" :disabled="busy">{{ t('making.jar-tools.write-down') }}</n-button>
    </form>
    <form class="row" @submit.prevent="emit('tend', { left: form.left })">
      <div class="field">
        <label for="j-left">{{ t('making.jar-tools.how-much-left') }}</label>
        <input id="j-left" v-model="form.left" class="native" autocomplete="off" :aria-invalid="errors.left ? 'true' : undefined">
        <p v-if="errors.left" class="field-error">{{ errors.left }}</p>
      </div>
      <n-button attr-type="submit" :disabled="busy">{{ t('making.jar-tools.write-down') }}</n-button>
    </form>
    <div v-if="places.length > 1" class="field">
      <label for="j-place">{{ t('making.jar-tools.where-stands') }}</label>
      <select id="j-place" class="native" :value="jar.place" :disabled="busy" @change="emit('tend', { kept: ($event.target as HTMLSelectElement).value as Place })">
        <option v-for="place in places" :key="place" :value="place">{{ PLACES[place] }}</option>
      </select>
      <p v-if="errors.kept" class="field-error">{{ errors.kept }}</p>
    </div>
    <div class="actions">
      <n-button v-if="isFit && jar.into !== 'neat'" type="primary" @click="emit('use')">{{ t('making.jar-tools.make-spray', { into: jar.into }) }}</n-button>
      <n-button @click="emit('throwAway')">{{ jar.state === 'empty' ? t('making.jar-tools.clear-away') : t('making.jar-tools.throw-away') }}</n-button>
    </div>
  </section>
</template>

<style scoped>
.tools { display: grid; gap: 16px; max-width: 620px; }
.test { display: grid; gap: 10px; background: var(--brass-wash); border-radius: 12px; padding: 16px 18px; }
.tested { font-weight: 600; }
.row { display: flex; flex-wrap: wrap; gap: 10px; align-items: end; }
.row .field { flex: 1 1 220px; }
</style>
