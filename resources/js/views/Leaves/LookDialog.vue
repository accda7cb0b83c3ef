<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import ScoreInput from './ScoreInput.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Recipe, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { shallowRef, watch } from 'vue'

/** A test patch that was put on, or what a spray did to the leaves. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ looks: Schemas['Looks']; application: string | null }>()
const emit = defineEmits<{ kept: [Schemas['Looks']] }>()

const store = useGarden()
const times = useTimes()
const recipes = shallowRef<Recipe[]>([])
const { values: form, errors, busy, notes, attempt, done, settle } = useForm(shown, {
  kept: () => `look.${props.looks.planting.id}`,
  blank: () => ({
    what: (props.looks.rounds.length ? 'round' : 'patch') as 'patch' | 'round' | 'spray',
    recipe_id: recipes.value[0]?.id ?? '',
    application_id: props.application ?? props.looks.rounds[0]?.id ?? '',
    percent: 50,
    leaves: 4,
    score: 0,
    when: times.nowField(),
    note: '',
  }),
})

watch(
  shown,
  async (now) => {
    if (!now) return
    recipes.value = (await take(api.GET('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id } } }))).filter((one) =>
      ['foliar', 'dip'].includes(one.use),
    )
    settle(() => {
      form.recipe_id ||= recipes.value[0]?.id ?? ''
    })
  },
  { immediate: true },
)

const save = () =>
  attempt(async () => {
    const isPatch = form.what === 'patch'
    const saved = await take(
      api.POST('/api/gardens/{garden}/plantings/{planting}/looks', {
        params: { path: { garden: store.id, planting: props.looks.planting.id } },
        body: {
          kind: isPatch ? 'patch' : 'whole',
          recipe_id: form.what === 'round' ? null : form.recipe_id,
          application_id: form.what === 'round' ? form.application_id : null,
          fraction: isPatch ? form.percent / 100 : 1,
          leaves: isPatch ? form.leaves : null,
          score: isPatch ? null : form.score,
          put_on_at: form.what === 'round' ? null : form.when || null,
          note: form.note || null,
        },
      }),
    )
    shown.value = false
    done(saved.change)
    emit('kept', saved.looks)
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('leaves.look-dialog.look-at-leaves')">
    <form class="form-grid" @submit.prevent="save">
      <div class="kinds" role="group" :aria-label="t('leaves.look-dialog.what-about')">
        <button type="button" :aria-pressed="form.what === 'round'" :disabled="looks.rounds.length === 0" @click="form.what = 'round'">
          {{ t('leaves.look-dialog.after-logged-round') }}
        </button>
        <button type="button" :aria-pressed="form.what === 'spray'" @click="form.what = 'spray'">
          {{ t('leaves.look-dialog.after-another-spray') }}
        </button>
        <button type="button" :aria-pressed="form.what === 'patch'" @click="form.what = 'patch'">
          {{ t('leaves.look-dialog.test-patch-just') }}
        </button>
      </div>
      <app-field v-if="form.what === 'round'" id="look-round" v-slot="field" :label="t('leaves.look-dialog.which')">
        <select v-bind="field" v-model="form.application_id">
          <option v-for="round in looks.rounds" :key="round.id" :value="round.id">{{ round.what }}</option>
        </select>
      </app-field>
      <app-field v-else id="look-recipe" v-slot="field" :label="t('leaves.look-dialog.recipe')" :error="errors.recipe_id">
        <select v-bind="field" v-model="form.recipe_id">
          <option v-for="one in recipes" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </app-field>
      <div v-if="form.what === 'patch'" class="two">
        <app-field id="look-percent" v-slot="field" :label="t('leaves.look-dialog.its-full-strength')" :error="errors.fraction">
          <input v-bind="field" v-model.number="form.percent" type="number" min="1" max="100" />
        </app-field>
        <app-field id="look-leaves" v-slot="field" :label="t('leaves.look-dialog.how-many-leaves')" :error="errors.leaves">
          <input v-bind="field" v-model.number="form.leaves" type="number" min="1" />
        </app-field>
      </div>
      <app-field
        v-if="form.what !== 'round'"
        id="look-when"
        v-slot="field"
        :label="form.what === 'patch' ? t('leaves.look-dialog.put') : t('leaves.look-dialog.sprayed')"
        :error="errors.put_on_at"
      >
        <input v-bind="field" v-model="form.when" type="datetime-local" />
      </app-field>
      <score-input v-if="form.what !== 'patch'" id="look-score" v-model="form.score" :error="errors.score" />
      <app-field id="look-note" v-slot="field" :label="t('leaves.look-dialog.note')">
        <input v-bind="field" v-model="form.note" />
      </app-field>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('leaves.look-dialog.write-down') }}</n-button><n-button @click="shown = false">{{ t('leaves.look-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.kinds { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.kinds button {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--line); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer;
}
.kinds button[aria-pressed='true'] {
  background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; padding: var(--space-2) var(--space-6);
}
.kinds button:disabled { opacity: 0.5; cursor: default; }
</style>
