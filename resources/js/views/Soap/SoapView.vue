<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import SoapBalance from './SoapBalance.vue'
import { useSoap } from './useSoap'
import FindingList from '@/parts/FindingList.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useRouter } from 'vue-router'

/** The soap bench: oils on one side, alkali on the other, and what comes of it. */
const store = useGarden()
const router = useRouter()
const { draft, plan, soap, errors, failure, again } = useSoap()
const saving = useSaving()
const error = (field: string) => errors.value[`soap.${field}`] ?? saving.errors.value[`soap.${field}`]
const known = ['alkali', 'purity', 'superfat', 'alkali_mass', 'storage', 'vessel']
const oilError = computed(() => Object.entries(errors.value).find(([field]) => !known.some((one) => field === `soap.${one}`))?.[1] ?? null)
const isBad = computed(() => Object.keys(errors.value).length > 0)
const days = computed(() => [...new Set(soap.value?.steps.map((step) => step.day) ?? [])])
const unused = computed(() => store.knowledge.soap_oils.find((oil) => !draft.value.oils.some((row) => row.oil === oil.id)))

const begin = () =>
  saving.attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/preparations', {
        params: { path: { garden: store.id } },
        body: {
          body: { kind: 'potash-soap', units: store.garden?.units ?? 'us', soap: plan.value },
          name: draft.value.name.trim() || null,
        },
      }),
    )
    saving.done(saved.change, () => void router.push({ name: 'pantry', query: { show: 'made' } }))
    await router.push({ name: 'making', params: { preparation: saved.story.preparation.id } })
  })
</script>

<template>
  <div class="soap">
    <page-head :title="t('soap.soap-view.soap-bench')" :under="t('soap.soap-view.potash-soap-from')">
      <router-link :to="{ name: 'pantry', query: { show: 'made' } }">{{ t('soap.soap-view.shelf') }}</router-link>
    </page-head>
    <p v-if="failure" class="field-error" role="alert">{{ failure }}</p>
    <div class="sides">
      <form class="left" :aria-label="t('soap.soap-view.what-goes')" @submit.prevent="begin">
        <h2>{{ t('soap.soap-view.oils') }}</h2>
        <div v-for="(row, n) in draft.oils" :key="n" class="oil">
          <select v-model="row.oil" class="native" :aria-label="t('soap.soap-view.oil', { n: n + 1 })">
            <option
              v-for="oil in store.knowledge.soap_oils"
              :key="oil.id"
              :value="oil.id"
              :disabled="oil.id !== row.oil && draft.oils.some((one) => one.oil === oil.id)"
            >
              {{ oil.name }}
            </option>
          </select>
          <input
            v-model="row.amount"
            class="native"
            autocomplete="off"
            :aria-label="t('soap.soap-view.amount-oil', { n: n + 1 })"
            :placeholder="t('soap.soap-view.500-g-500')"
            :aria-invalid="oilError ? 'true' : undefined"
          />
          <n-button
            quaternary
            size="small"
            :disabled="draft.oils.length < 2"
            :aria-label="t('soap.soap-view.take-out-oil', { n: n + 1 })"
            @click="draft.oils.splice(n, 1)"
          >
            <svg viewBox="0 0 20 20" width="18" height="18" aria-hidden="true">
              <path d="M5 5l10 10M15 5L5 15" stroke="currentColor" stroke-width="2" stroke-linecap="round" />
            </svg>
          </n-button>
        </div>
        <p v-if="oilError" class="field-error" role="alert">{{ oilError }}</p>
        <div>
          <n-button v-if="unused" dashed size="small" @click="draft.oils.push({ oil: unused!.id, amount: '100 g' })">
            {{
              t('soap.soap-view.add-oil')
            }}
          </n-button>
        </div>
        <h2>{{ t('soap.soap-view.alkali') }}</h2>
        <div class="two">
          <app-field id="s-alkali" v-slot="field" class="wide" :label="t('soap.soap-view.which')" :error="error('alkali')">
            <select v-bind="field" v-model="draft.alkali">
              <option value="KOH">{{ t('soap.soap-view.caustic-potash-koh') }}</option>
              <option value="NaOH">{{ t('soap.soap-view.lye-naoh-hard') }}</option>
              <option value="blend">{{ t('soap.soap-view.both') }}</option>
            </select>
          </app-field>
          <app-field v-if="draft.alkali === 'blend'" id="s-potash" v-slot="field" :label="t('soap.soap-view.potash-by-moles')">
            <input v-bind="field" v-model="draft.potash" inputmode="decimal" />
          </app-field>
          <app-field id="s-purity" v-slot="field" :label="t('soap.soap-view.purity-label')" :error="error('purity')">
            <input
              v-bind="field"
              v-model="draft.purity"
              :placeholder="draft.alkali === 'NaOH' ? '98 (97 to 99)' : '90 (85 to 92)'"
              :disabled="draft.alkali === 'blend'"
            />
          </app-field>
          <app-field id="s-superfat" v-slot="field" :label="t('soap.soap-view.oil-leave-over')" :error="error('superfat')">
            <input v-bind="field" v-model="draft.superfat" placeholder="4" />
          </app-field>
          <app-field id="s-mass" v-slot="field" :label="t('soap.soap-view.check-mass-instead')" :error="error('alkali_mass')">
            <input v-bind="field" v-model="draft.mass" :placeholder="t('soap.soap-view.like-170-g')" />
          </app-field>
        </div>
        <h2>{{ t('soap.soap-view.storage') }}</h2>
        <div class="two">
          <app-field id="s-storage" v-slot="field" :label="t('soap.soap-view.thin-soap')" :error="error('storage')">
            <input v-bind="field" v-model="draft.storage" placeholder="20" />
          </app-field>
          <app-field id="s-vessel" v-slot="field" :label="t('soap.soap-view.pot-holds')" :error="error('vessel')">
            <input v-bind="field" v-model="draft.vessel" placeholder="5 L" />
          </app-field>
          <app-field id="s-name" v-slot="field" :label="t('soap.soap-view.what-call')">
            <input v-bind="field" v-model="draft.name" :placeholder="t('soap.soap-view.potash-soap')" maxlength="120" />
          </app-field>
        </div>
        <div>
          <n-button size="small" quaternary @click="again">{{ t('soap.soap-view.start-afresh') }}</n-button>
        </div>
      </form>
      <loading-note v-if="!soap && !isBad" :what="t('soap.soap-view.weighing')" />
      <section v-if="soap" class="right" :aria-label="t('soap.soap-view.what-comes')" aria-live="polite" :class="{ stale: isBad }">
        <soap-balance :soap="soap" />
        <div v-if="soap.verdict === 'refused'" class="weigh less">
          <p>
            {{ t('soap.soap-view.take') }} <strong>{{ soap.product }}</strong>{{
              t('soap.soap-view.leaves-oil-over', { superfat: draft.superfat || 4 })
            }}
          </p>
          <p class="soft">{{ t('soap.soap-view.from-there-alkali', { limit: soap.limit }) }}</p>
          <div>
            <n-button size="small" @click="draft.mass = ''">{{ t('soap.soap-view.take-2') }}</n-button>
          </div>
        </div>
        <div v-else class="weigh">
          <p v-for="one in soap.alkalis" :key="one">
            <strong>{{ one }}</strong>
          </p>
          <p>
            {{ t('soap.soap-view.in') }} <strong>{{ soap.water }}</strong> {{ t('soap.soap-view.cold-water-into') }}
            <strong>{{ soap.oil }}</strong> {{ t('soap.soap-view.oil-2') }}
          </p>
          <p v-if="draft.mass.trim()" class="soft">
            {{ t('soap.soap-view.would-from-there', { superfat: draft.superfat || 4, product: soap.product, limit: soap.limit }) }}
          </p>
        </div>
        <dl>
          <dt>{{ t('soap.soap-view.soap') }}</dt>
          <dd>{{ soap.soap }}</dd>
          <dt>{{ t('soap.soap-view.oil-left') }}</dt>
          <dd>{{ soap.oil_left }}</dd>
          <dt>{{ t('soap.soap-view.glycerol') }}</dt>
          <dd>{{ soap.glycerol }}</dd>
          <dt>{{ t('soap.soap-view.water-gets') }}</dt>
          <dd>{{ t('soap.soap-view.up-c', { hottest: soap.hottest_said }) }}</dd>
          <dt>{{ t('soap.soap-view.thinned') }}</dt>
          <dd>{{ t('soap.soap-view.at', { storage: soap.storage, storagePercent: soap.storage_percent }) }}</dd>
          <dt>{{ t('soap.soap-view.spray-1') }}</dt>
          <dd>{{ soap.spray }}</dd>
        </dl>
        <finding-list :findings="soap.findings" fold />
        <div class="actions">
          <n-button
            type="primary"
            size="large"
            :disabled="soap.verdict === 'refused' || isBad"
            :loading="saving.busy.value"
            @click="begin"
          >
            {{ t('soap.soap-view.begin') }}
          </n-button>
          <span v-if="soap.verdict === 'refused'" class="field-error">{{ t('soap.soap-view.too-much-alkali') }}</span>
        </div>
        <p v-for="(message, field) in saving.errors.value" :key="field" class="field-error" role="alert">{{ message }}</p>
      </section>
    </div>
    <section v-if="soap && soap.verdict !== 'refused'" aria-labelledby="soap-steps">
      <h2 id="soap-steps">{{ t('soap.soap-view.over-days', { days: days.length }) }}</h2>
      <div class="days">
        <div v-for="day in days" :key="day">
          <h3>{{ t('soap.soap-view.day', { day }) }}</h3>
          <ol>
            <li v-for="step in soap.steps.filter((one) => one.day === day)" :key="step.n">
              <p>
                <strong>{{ step.what }}</strong> {{ step.how }}
              </p>
              <p v-for="caution in step.cautions" :key="caution" class="caution">{{ caution }}</p>
            </li>
          </ol>
        </div>
      </div>
    </section>
  </div>
</template>

<style scoped>
.soap { padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-8); grid-template-columns: minmax(0, 1fr); }
.sides { display: grid; gap: var(--space-9) var(--space-10); grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr); align-items: start; }
.left, .right { display: grid; gap: var(--space-6); grid-template-columns: minmax(0, 1fr); }
.left .two { grid-template-columns: repeat(auto-fit, minmax(min(190px, 100%), 1fr)); }
.oil { display: grid; grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) 40px; gap: var(--space-4); align-items: center; }
.stale { opacity: .55; }
.weigh { background: var(--leaf-wash); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); font-size: var(--text-l); }
section .less { background: var(--madder-wash); display: grid; gap: var(--space-3); }
.wide { grid-column: 1 / -1; }
.weigh strong { font-size: var(--text-2xl); }
.weigh .soft { font-size: var(--text-s); }
dl { display: grid; grid-template-columns: repeat(2, auto minmax(0, 1fr)); gap: var(--space-2) var(--space-6); margin: 0; }
dt { color: var(--soft); }
dd { margin: 0; }
.days {
  display: grid; grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr)); gap: var(--space-7) var(--space-9); margin-top:
  var(--space-4);
}
ol { margin: var(--space-3) 0 0; padding-left: var(--space-9); display: grid; gap: var(--space-4); }
.caution {
  border-left: 4px solid var(--brass); background: var(--brass-wash); padding: var(--space-2) var(--space-6); border-radius:
  var(--radius-s); margin-top: var(--space-2);
}
@media (max-width: 900px) {
  .sides { grid-template-columns: minmax(0, 1fr); }
  .soap { padding: var(--space-7) var(--space-7) var(--space-10); }
  dl { grid-template-columns: auto minmax(0, 1fr); }
}
</style>
