<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import type { PreparationStory, Schemas } from '@/api/client'
import { NButton } from 'naive-ui'
import { reactive } from 'vue'

/** What came through, and where it stands from now on. */
const props = defineProps<{ story: PreparationStory; errors: Record<string, string>; busy: boolean }>()
const emit = defineEmits<{ tend: [what: Omit<Schemas['PreparationChange'], 'version'>] }>()

const PLACES = { warm: t('making.finish-form.cool-dark'), fridge: t('making.finish-form.fridge'), frozen: t('making.finish-form.frozen') }
type Place = keyof typeof PLACES
const places = props.story.preparation.places.filter((one): one is Place => one in PLACES)
const form = reactive({ strained: '', topped: '', kept: places.includes('fridge') ? 'fridge' : (places[0] ?? 'warm') } as {
  strained: string
  topped: string
  kept: Place
})
const save = () =>
  emit('tend', {
    finished: true,
    kept: form.kept,
    strained: form.strained.trim() || null,
    ...(form.topped.trim() ? { topped_up: form.topped } : {}),
  })
</script>

<template>
  <form class="finish" @submit.prevent="save">
    <h2>{{ story.preparation.is_soap ? t('making.finish-form.when-thinned-bottled') : t('making.finish-form.when-strained-bottled') }}</h2>
    <div class="two">
      <app-field
        id="f-strained"
        v-slot="field"
        :label="story.preparation.is_soap ? t('making.finish-form.how-much-came') : t('making.finish-form.how-much-came-through')"
        :error="errors.strained"
      >
        <input
          v-bind="field"
          v-model="form.strained"
          :placeholder="story.expected ? t('making.finish-form.about', { expected: story.expected }) : t('making.finish-form.measure')"
        />
      </app-field>
      <app-field
        v-if="!story.preparation.is_soap"
        id="f-topped"
        v-slot="field"
        :label="t('making.finish-form.topped-up-water')"
        :error="errors.topped_up"
      >
        <input v-bind="field" v-model="form.topped" :placeholder="t('making.finish-form.not-topped-up')" />
      </app-field>
      <app-field id="f-kept" v-slot="field" :label="t('making.finish-form.where-stands')" :error="errors.kept">
        <select v-bind="field" v-model="form.kept">
          <option v-for="place in places" :key="place" :value="place">{{ PLACES[place] }}</option>
        </select>
      </app-field>
    </div>
    <div>
      <n-button type="primary" attr-type="submit" :loading="busy">{{ t('making.finish-form.put-shelf') }}</n-button>
    </div>
  </form>
</template>

<style scoped>
.finish {
  display: grid; gap: var(--space-6); background: var(--leaf-wash); border-radius: var(--radius-l); padding: var(--space-7)
  var(--space-7);
}
</style>
