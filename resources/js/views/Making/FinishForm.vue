<script setup lang="ts">
import { t } from '@/i18n'
import type { PreparationStory, Schemas } from '@/api/client'
import { NButton } from 'naive-ui'
import { reactive } from 'vue'

/** What came through, and where it stands from now on. */
const props = defineProps<{ story: PreparationStory; errors: Record<string, string>; busy: boolean }>()
const emit = defineEmits<{ tend: [what: Omit<Schemas['PreparationChange'], 'version'>] }>()

const PLACES = { warm: t('making.finish-form.cool-dark'), fridge: t('making.finish-form.fridge'), frozen: t('making.finish-form.frozen') }
type Place = keyof typeof PLACES
const places = props.story.preparation.places.filter((one): one is Place => one in PLACES)
const form = reactive({ strained: '', topped: '', kept: places.includes('fridge') ? 'fridge' : places[0] ?? 'warm' } as { strained: string; topped: string; kept: Place })
const save = () => emit('tend', { finished: true, kept: form.kept, strained: form.strained.trim() || null, ...(form.topped.trim() ? { topped_up: form.topped } : {}) })
</script>

<template>
  <form class="finish" @submit.prevent="save">
    <h2>{{ story.preparation.is_soap ? t('making.finish-form.when-thinned-bottled') : t('making.finish-form.when-strained-bottled') }}</h2>
    <div class="two">
      <div class="field">
        <label for="f-strained">{{ story.preparation.is_soap ? t('making.finish-form.how-much-came') : t('making.finish-form.how-much-came-through') }}</label>
        <input id="f-strained" v-model="form.strained" class="native" autocomplete="off" :placeholder="story.expected ? t('making.finish-form.about', { expected: story.expected }) : t('making.finish-form.measure')" :aria-invalid="errors.strained ? 'true' : undefined">
        <p v-if="errors.strained" class="field-error">{{ errors.strained }}</p>
      </div>
      <div v-if="!story.preparation.is_soap" class="field">
        <label for="f-topped">{{ t('making.finish-form.topped-up-water') }}</label>
        <input id="f-topped" v-model="form.topped" class="native" autocomplete="off" :placeholder="t('making.finish-form.not-topped-up')" :aria-invalid="errors.topped_up ? 'true' : undefined">
        <p v-if="errors.topped_up" class="field-error">{{ errors.topped_up }}</p>
      </div>
      <div class="field">
        <label for="f-kept">{{ t('making.finish-form.where-stands') }}</label>
        <select id="f-kept" v-model="form.kept" class="native" :aria-invalid="errors.kept ? 'true' : undefined">
          <option v-for="place in places" :key="place" :value="place">{{ PLACES[place] }}</option>
        </select>
        <p v-if="errors.kept" class="field-error">{{ errors.kept }}</p>
      </div>
    </div>
    <div><n-button type="primary" attr-type="submit" :loading="busy">{{ t('making.finish-form.put-shelf') }}</n-button></div>
  </form>
</template>

<style scoped>
.finish { display: grid; gap: 12px; background: var(--leaf-wash); border-radius: 12px; padding: 16px 18px; }
</style>
