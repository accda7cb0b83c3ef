<script setup lang="ts">
import { t } from '@/i18n'
import EmptyNote from '@/parts/EmptyNote.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import { api, take, type Shopping } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed, shallowRef, watch } from 'vue'

/** What the planned rounds need beyond what is on the shelf, and what they cost. */
const store = useGarden()
const list = shallowRef<Shopping | null>(null)
watch(
  () => store.undone,
  async () => {
    list.value = await take(api.GET('/api/gardens/{garden}/shopping', { params: { path: { garden: store.id } } }))
  },
  { immediate: true },
)

const missing = computed(() => list.value?.wants.filter((want) => want.missing) ?? [])
const enough = computed(() => list.value?.wants.filter((want) => !want.missing) ?? [])
const print = () => window.print()
</script>

<template>
  <loading-note v-if="!list" :what="t('pantry.shopping-panel.counting-bottles')" />
  <empty-note v-else-if="list.rounds === 0" :title="t('pantry.shopping-panel.nothing-planned')">
    {{ t('pantry.shopping-panel.list-made-from') }}
    <template #actions>
      <router-link :to="{ name: 'bench', params: { recipe: '' } }">{{ t('pantry.shopping-panel.bench') }}</router-link>
    </template>
  </empty-note>
  <div v-else class="list">
    <section aria-labelledby="buy">
      <h2 id="buy">{{ missing.length ? t('pantry.shopping-panel.buy') : t('pantry.shopping-panel.nothing-has-bought') }}</h2>
      <p class="soft">
        {{ t('pantry.shopping-panel.rounds-planned', { rounds: list.rounds })
        }}<template v-if="list.total">{{ t('pantry.shopping-panel.about', { total: list.total }) }}</template>
      </p>
      <ul v-if="missing.length" class="buy">
        <li v-for="want in missing" :key="want.name">
          <span class="box" aria-hidden="true" /><strong>{{ want.buy }}</strong> {{ want.name }}
          <span v-if="want.cost" class="soft">{{ want.cost }}</span><span class="soft small">{{
            t('pantry.shopping-panel.needs-there', { needed: want.needed, have: want.have })
          }}</span>
        </li>
      </ul>
      <div class="actions noprint">
        <n-button @click="print">{{ t('pantry.shopping-panel.print') }}</n-button>
        <a class="csv" :href="`/api/gardens/${store.id}/shopping.csv`" download>{{ t('pantry.shopping-panel.save-as-table') }}</a>
      </div>
    </section>
    <section v-if="enough.length" aria-labelledby="enough">
      <h2 id="enough">{{ t('pantry.shopping-panel.enough-there') }}</h2>
      <ul>
        <li v-for="want in enough" :key="want.name">
          {{ want.name }} <span class="soft">{{ t('pantry.shopping-panel.needs-there', { needed: want.needed, have: want.have }) }}</span>
        </li>
      </ul>
    </section>
    <section aria-labelledby="costs" class="noprint">
      <h2 id="costs">{{ t('pantry.shopping-panel.what-rounds-cost') }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('pantry.shopping-panel.course') }}</th>
            <th scope="col">{{ t('pantry.shopping-panel.rounds-left') }}</th>
            <th scope="col">{{ t('pantry.shopping-panel.each') }}</th>
            <th scope="col">{{ t('pantry.shopping-panel.all') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(plan, n) in list.plans" :key="n">
            <th scope="row">{{ plan.recipe }}</th>
            <td>{{ plan.rounds }}</td>
            <td>{{ plan.each.said }}</td>
            <td>{{ plan.all.said }}<template v-if="!plan.all.is_whole"> *</template></td>
          </tr>
        </tbody>
      </table>
      <p v-if="list.plans.some((plan) => !plan.all.is_whole)" class="soft small">{{ t('pantry.shopping-panel.what-has-no') }}</p>
    </section>
  </div>
</template>

<style scoped>
.list { display: grid; gap: var(--space-9); max-width: 820px; }
section { display: grid; gap: var(--space-5); }
ul { list-style: none; margin: 0; padding: 0; }
li {
  border-top: 1px solid var(--line); padding: var(--space-4) 0; display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-6);
  align-items: baseline;
}
.box { width: 18px; height: 18px; border: 2px solid var(--brass); border-radius: var(--radius-s); align-self: center; }
.buy strong { font-size: var(--text-l); }
.buy .small { flex-basis: 100%; padding-left: var(--space-10); }
.csv { align-self: center; min-height: 34px; display: inline-flex; align-items: center; }
table { border-collapse: collapse; width: 100%; }
th, td { text-align: left; padding: var(--space-4) var(--space-5) var(--space-4) 0; border-top: 1px solid var(--line); font-weight: 400; }
thead th { color: var(--soft); border-top: 0; font-size: var(--text-s); }
@media print { .noprint { display: none; } }
</style>
