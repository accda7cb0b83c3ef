<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import CompareScale from './CompareScale.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import { api, take, type Comparison, type Recipe } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** Two to six recipes by what is in them, before what the plant bears and what mild and strong practice use. */
const MOST = 6
const store = useGarden()
const route = useRoute()
const router = useRouter()
const recipes = shallowRef<Recipe[] | null>(null)
const comparison = shallowRef<Comparison | null>(null)
const latest = useLatest<Comparison | null>()
const chosen = ref<string[]>(typeof route.query.recipes === 'string' ? route.query.recipes.split(',').filter(Boolean) : [])
const planting = ref<string>(typeof route.query.planting === 'string' ? route.query.planting : '')
const letters = 'ABCDEF'

async function load(): Promise<void> {
  const found = await take(api.GET('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id } } }))
  recipes.value = found
  chosen.value = chosen.value.filter((id) => found.some((recipe) => recipe.id === id))
}
onMounted(load)
watch([chosen, planting, recipes], async () => {
  void router.replace({ query: { recipes: chosen.value.join(',') || undefined, planting: planting.value || undefined } })
  const isNothing = chosen.value.length < 2 || !recipes.value?.length
  comparison.value = await latest(
    isNothing
      ? Promise.resolve(null)
      : take(
          api.POST('/api/gardens/{garden}/bench/compare', {
            params: { path: { garden: store.id } },
            body: { recipe_ids: chosen.value, planting_id: planting.value || null },
          }),
        ),
  )
})
function toggle(id: string): void {
  chosen.value = chosen.value.includes(id) ? chosen.value.filter((one) => one !== id) : [...chosen.value, id].slice(0, MOST)
}
</script>

<template>
  <div class="compare">
    <page-head :title="t('compare.compare-view.side-by-side')" :under="t('compare.compare-view.what-really-them')" />
    <loading-note v-if="!recipes" />
    <div v-else class="choose">
      <div class="chips" role="group" :aria-label="t('compare.compare-view.recipes-compare')">
        <button
          v-for="recipe in recipes"
          :key="recipe.id"
          type="button"
          :aria-pressed="chosen.includes(recipe.id)"
          :disabled="!chosen.includes(recipe.id) && chosen.length >= MOST"
          @click="toggle(recipe.id)"
        >
          <b v-if="chosen.includes(recipe.id)">{{ letters[chosen.indexOf(recipe.id)] }}</b> {{ recipe.name }}
        </button>
      </div>
      <app-field id="against" v-slot="field" :label="t('compare.compare-view.against')">
        <select v-bind="field" v-model="planting">
          <option value="">{{ t('compare.compare-view.ordinary-plant') }}</option>
          <optgroup v-for="group in store.byZone" :key="group.zone" :label="group.zone">
            <option v-for="one in group.plantings" :key="one.id" :value="one.id">{{ one.name }}</option>
          </optgroup>
        </select>
      </app-field>
    </div>
    <p v-if="recipes && chosen.length < 2" class="soft">
      {{
        t('compare.compare-view.choose', {
          recipes: chosen.length ? t('compare.compare-view.one-more') : t('compare.compare-view.two-six-recipes'),
        })
      }}
    </p>
    <loading-note v-else-if="recipes && !comparison" :what="t('compare.compare-view.working-them-out')" />
    <template v-else-if="comparison">
      <ol class="who">
        <li v-for="(recipe, n) in comparison.recipes" :key="recipe.id">
          <b>{{ letters[n] }}</b>
          <div>
            <router-link :to="{ name: 'bench', params: { recipe: recipe.id } }">{{ recipe.name }}</router-link>{{ ' ' }}
            <severity-mark :severity="recipe.severity" />
            <p class="small">{{ recipe.headline }}</p>
          </div>
        </li>
      </ol>
      <compare-scale
        v-for="substance in comparison.substances"
        :key="substance.substance"
        :substance="substance"
        :against="comparison.against"
        :letters="letters"
      />
    </template>
  </div>
</template>

<style scoped>
.compare {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 1fr);
}
.choose { display: grid; grid-template-columns: minmax(0, 1fr) 250px; gap: var(--space-7); align-items: start; }
.chips { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.chips button {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--line); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer;
}
.chips button[aria-pressed='true'] {
  background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; padding: var(--space-2) var(--space-6);
}
b {
  display: inline-grid; place-items: center; min-width: 26px; height: 26px; border-radius: 50%; background: var(--ink); color:
  var(--paper); font-size: var(--text-s);
}
.who {
  list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr)); gap:
  var(--space-5) var(--space-9);
}
.who li { display: grid; grid-template-columns: 26px minmax(0, 1fr); gap: var(--space-5); align-items: start; }
@media (max-width: 760px) {
  .compare { padding: var(--space-7) var(--space-7) var(--space-10); }
  .choose { grid-template-columns: minmax(0, 1fr); }
}
</style>
