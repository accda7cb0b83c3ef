<script setup lang="ts">
import { t } from '@/i18n'
import ScoreInput from './ScoreInput.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Recipe, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { useTimes } from '@/stores/times'
import { NButton } from 'naive-ui'
import { reactive, shallowRef, watch } from 'vue'

/** A test patch that was put on, or what a spray did to the leaves. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ looks: Schemas['Looks']; application: string | null }>()
const emit = defineEmits<{ kept: [Schemas['Looks']] }>()

const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const recipes = shallowRef<Recipe[]>([])
const form = reactive({ what: 'round' as 'patch' | 'round' | 'spray', recipe_id: '', application_id: '', percent: 50, leaves: 4, score: 0, when: '', note: '' })
const times = useTimes()

watch(shown, async (now) => {
  if (!now) return
  errors.value = {}
  Object.assign(form, { what: props.looks.rounds.length ? 'round' : 'patch', application_id: props.application ?? props.looks.rounds[0]?.id ?? '', percent: 50, leaves: 4, score: 0, when: times.nowField(), note: '' })
  recipes.value = (await take(api.GET('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id } } }))).filter((one) => ['foliar', 'dip'].includes(one.use))
  form.recipe_id ||= recipes.value[0]?.id ?? ''
}, { immediate: true })

const save = () => attempt(async () => {
  const isPatch = form.what === 'patch'
  const saved = await take(api.POST('/api/gardens/{garden}/plantings/{planting}/looks', {
    params: { path: { garden: store.id, planting: props.looks.planting.id } },
    body: {
      kind: isPatch ? 'patch' : 'whole', recipe_id: form.what === 'round' ? null : form.recipe_id, application_id: form.what === 'round' ? form.application_id : null,
      fraction: isPatch ? form.percent / 100 : 1, leaves: isPatch ? form.leaves : null, score: isPatch ? null : form.score, put_on_at: form.what === 'round' ? null : form.when || null, note: form.note || null,
    },
  }))
  shown.value = false
  done(saved.change)
  emit('kept', saved.looks)
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('leaves.look-dialog.look-at-leaves')">
    <form class="form-grid" @submit.prevent="save">
      <div class="kinds" role="group" :aria-label="t('leaves.look-dialog.what-about')">
        <button type="button" :aria-pressed="form.what === 'round'" :disabled="looks.rounds.length === 0" @click="form.what = 'round'">{{ t('leaves.look-dialog.after-logged-round') }}</button>
        <button type="button" :aria-pressed="form.what === 'spray'" @click="form.what = 'spray'">{{ t('leaves.look-dialog.after-another-spray') }}</button>
        <button type="button" :aria-pressed="form.what === 'patch'" @click="form.what = 'patch'">{{ t('leaves.look-dialog.test-patch-just') }}</button>
      </div>
      <div v-if="form.what === 'round'" class="field">
        <label for="look-round">{{ t('leaves.look-dialog.which') }}</label>
        <select id="look-round" v-model="form.application_id" class="native"><option v-for="round in looks.rounds" :key="round.id" :value="round.id">{{ round.what }}</option></select>
      </div>
      <div v-else class="field">
        <label for="look-recipe">{{ t('leaves.look-dialog.recipe') }}</label>
        <select id="look-recipe" v-model="form.recipe_id" class="native" :aria-invalid="errors.recipe_id ? 'true' : undefined"><option v-for="one in recipes" :key="one.id" :value="one.id">{{ one.name }}</option></select>
        <p v-if="errors.recipe_id" class="field-error">{{ errors.recipe_id }}</p>
      </div>
      <div v-if="form.what === 'patch'" class="two">
        <div class="field">
          <label for="look-percent">{{ t('leaves.look-dialog.its-full-strength') }}</label>
          <input id="look-percent" v-model.number="form.percent" class="native" type="number" min="1" max="100" :aria-invalid="errors.fraction ? 'true' : undefined">
          <p v-if="errors.fraction" class="field-error">{{ errors.fraction }}</p>
        </div>
        <div class="field">
          <label for="look-leaves">{{ t('leaves.look-dialog.how-many-leaves') }}</label>
          <input id="look-leaves" v-model.number="form.leaves" class="native" type="number" min="1" :aria-invalid="errors.leaves ? 'true' : undefined">
          <p v-if="errors.leaves" class="field-error">{{ errors.leaves }}</p>
        </div>
      </div>
      <div v-if="form.what !== 'round'" class="field">
        <label for="look-when">{{ form.what === 'patch' ? t('leaves.look-dialog.put') : t('leaves.look-dialog.sprayed') }}</label>
        <input id="look-when" v-model="form.when" class="native" type="datetime-local" :aria-invalid="errors.put_on_at ? 'true' : undefined">
        <p v-if="errors.put_on_at" class="field-error">{{ errors.put_on_at }}</p>
      </div>
      <score-input v-if="form.what !== 'patch'" id="look-score" v-model="form.score" :error="errors.score" />
      <div class="field"><label for="look-note">{{ t('leaves.look-dialog.note') }}</label><input id="look-note" v-model="form.note" class="native" autocomplete="off"></div>
      <div class="actions"><n-button type="primary" attr-type="submit" :loading="busy">{{ t('leaves.look-dialog.write-down') }}</n-button><n-button @click="shown = false">{{ t('leaves.look-dialog.not-now') }}</n-button></div>
    </form>
  </app-dialog>
</template>

<style scoped>
.kinds { display: flex; flex-wrap: wrap; gap: 8px; }
.kinds button { min-height: 44px; padding: 6px 14px; border: 1px solid var(--line); border-radius: 8px; background: var(--paper); cursor: pointer; }
.kinds button[aria-pressed='true'] { background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; padding: 5px 13px; }
.kinds button:disabled { opacity: 0.5; cursor: default; }
</style>
