<script setup lang="ts">
import { t } from '@/i18n'
import FindingList from '@/parts/FindingList.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import MixingSteps from '@/parts/MixingSteps.vue'
import { api, take, type Bench, type Recipe } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed, onMounted, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** A recipe on one sheet, for the shed door. */
const store = useGarden()
const route = useRoute()
const router = useRouter()
const recipe = shallowRef<Recipe | null>(null)
const bench = shallowRef<Bench | null>(null)
const query = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : null)
const sprayer = computed(() => store.sprayers.find((s) => s.id === query('sprayer')))
const planting = computed(() => store.plantings.find((p) => p.id === query('planting')))

onMounted(async () => {
  const id = typeof route.params.recipe === 'string' ? route.params.recipe : ''
  const stored = await take(api.GET('/api/gardens/{garden}/recipes/{recipe}', { params: { path: { garden: store.id, recipe: id } } }))
  bench.value = await take(
    api.POST('/api/gardens/{garden}/bench', {
      params: { path: { garden: store.id } },
      body: { recipe: stored.body, sprayer_id: query('sprayer'), planting_id: query('planting'), volume: null },
    }),
  )
  recipe.value = stored
})

const print = () => window.print()
</script>

<template>
  <loading-note v-if="!recipe || !bench" :what="t('card.card-view.writing-card')" />
  <div v-else class="page">
    <div class="actions noprint">
      <n-button type="primary" @click="print">{{ t('card.card-view.print') }}</n-button>
      <n-button @click="router.push({ name: 'bench', params: { recipe: recipe.id }, query: route.query })">
        {{
          t('card.card-view.back-bench')
        }}
      </n-button>
    </div>
    <article class="card">
      <h1>{{ recipe.name }}</h1>
      <p class="soft">
        {{ t('card.card-view.makes', { makes: bench.makes })
        }}<template v-if="sprayer">{{ t('card.card-view.in-the', { name: sprayer.name }) }}</template><template v-if="planting">{{ t('card.card-view.for', { name: planting.name }) }}</template>
      </p>
      <table>
        <tbody>
          <tr>
            <th scope="row">{{ bench.base_name }}</th>
            <td>{{ bench.base_precise }}</td>
            <td class="soft" />
          </tr>
          <tr v-for="(line, n) in bench.lines" :key="n">
            <th scope="row">
              {{ line.name }} <span v-if="line.strength" class="soft">{{ line.strength }}</span>
            </th>
            <td>{{ line.precise }}</td>
            <td class="soft">{{ line.measure }}</td>
          </tr>
        </tbody>
      </table>
      <p class="strengths">{{ t('card.card-view.bottle', { said: bench.strengths.map((s) => `${s.name} ${s.said}`).join(', ') }) }}</p>
      <mixing-steps :layers="bench.layers" />
      <h3>{{ t('card.card-view.before-spray') }}</h3>
      <finding-list :findings="bench.findings.filter((f) => f.severity !== 'fine')" open />
      <p v-if="recipe.note" class="note">{{ recipe.note }}</p>
      <p class="soft small">{{ t('card.card-view.products-label-local') }}</p>
    </article>
  </div>
</template>

<style scoped>
.page {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); max-width: 780px; grid-template-columns:
  minmax(0, 1fr);
}
.card {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-9) var(--space-9);
  display: grid; gap: var(--space-6); grid-template-columns: minmax(0, 1fr);
}
table { border-collapse: collapse; width: 100%; }
th, td {
  text-align: left; padding: var(--space-4) var(--space-5) var(--space-4) 0; border-top: 1px solid var(--line); font-weight: 400;
  vertical-align: baseline;
}
td:nth-child(2) { font-weight: 600; white-space: nowrap; }
.note { border-left: 3px solid var(--water); padding-left: var(--space-6); }
@media (max-width: 760px) { .page { padding: var(--space-7); } .card { padding: var(--space-7) var(--space-7); } }
@media print { .noprint { display: none; } .page { padding: 0; } .card { border: 0; padding: 0; } }
</style>
