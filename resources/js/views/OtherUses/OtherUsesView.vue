<script setup lang="ts">
import { t } from '@/i18n'
import CleaningList from './CleaningList.vue'
import AppField from '@/parts/AppField.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useLocalStorage, useDebounceFn } from '@vueuse/core'
import { onMounted, ref, shallowRef, watch } from 'vue'

/** What the same things do beside spraying. */
const store = useGarden()
const volume = useLocalStorage('nebbia.other-uses', '500 mL')
const uses = shallowRef<Schemas['OtherUses'] | null>(null)
const error = ref<string | null>(null)
const latest = useLatest<Schemas['OtherUses']>()

async function load(): Promise<void> {
  try {
    uses.value = await latest(
      take(api.GET('/api/gardens/{garden}/other-uses', { params: { path: { garden: store.id }, query: { volume: volume.value } } })),
    )
    error.value = null
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 422) throw e
    error.value = Object.values(e.fields)[0] ?? e.message
  }
}
watch(volume, useDebounceFn(load, 80))
onMounted(load)
</script>

<template>
  <div class="uses">
    <page-head :title="t('other-uses.other-uses-view.other-uses')" :under="t('other-uses.other-uses-view.disinfecting-tools-pots')">
      <router-link :to="{ name: 'pantry', query: { show: 'made' } }">{{ t('other-uses.other-uses-view.shelf') }}</router-link>
    </page-head>
    <app-field id="u-volume" v-slot="field" class="volume" :label="t('other-uses.other-uses-view.make-so-much')">
      <input v-bind="field" v-model="volume" />
      <p v-if="error" class="field-error" role="alert">{{ error }}</p>
    </app-field>
    <loading-note v-if="!uses" :what="t('other-uses.other-uses-view.looking-cupboard')" />
    <template v-else>
      <section aria-labelledby="disinfect">
        <h2 id="disinfect">{{ t('other-uses.other-uses-view.disinfecting-tools-pots-2') }}</h2>
        <p class="soft">{{ t('other-uses.other-uses-view.wash-off-soil') }}</p>
        <ul class="cards">
          <li v-for="(one, n) in uses.disinfect" :key="n">
            <h3>
              {{ one.name }}, {{ one.bottle }}
              <span class="soft small">{{
                one.is_at_hand ? t('other-uses.other-uses-view.cupboard') : t('other-uses.other-uses-view.as-usually-sold')
              }}</span>
            </h3>
            <p v-if="one.take" class="dose">
              <strong>{{ one.take }}</strong><template v-if="one.water === 'none'">{{ t('other-uses.other-uses-view.neat') }}</template><template v-else>{{ t('other-uses.other-uses-view.water-after', { water: one.water }) }}</template>{{ t('other-uses.other-uses-view.for', { aim: one.aim }) }}
            </p>
            <p v-else class="field-error">{{ one.too_weak }}</p>
            <p v-if="one.take">
              {{ t('other-uses.other-uses-view.leave') }} <strong>{{ one.contact }}</strong>
            </p>
            <p class="caution">{{ one.caution }}</p>
            <p class="soft small">{{ one.basis }}</p>
          </li>
        </ul>
      </section>
      <section aria-labelledby="feed">
        <h2 id="feed">{{ t('other-uses.other-uses-view.feeding-by-ratio') }}</h2>
        <ul class="cards">
          <li v-for="one in uses.feeds" :key="one.name">
            <h3>
              <router-link v-if="one.preparation" :to="{ name: 'making', params: { preparation: one.preparation } }">{{
                one.name
              }}</router-link><template v-else>{{ one.name }}</template>, {{ one.ratio }}
            </h3>
            <p class="dose">
              <strong>{{ one.take }}</strong> {{ t('other-uses.other-uses-view.water', { water: one.water }) }}
            </p>
            <p v-if="one.caution" class="caution">{{ one.caution }}</p>
          </li>
        </ul>
        <p class="soft small">{{ t('other-uses.other-uses-view.ratios-rough-practice') }}</p>
      </section>
      <cleaning-list />
      <section aria-labelledby="soil">
        <h2 id="soil">{{ t('other-uses.other-uses-view.soil-acid-limy') }}</h2>
        <div class="soil">
          <ol>
            <li v-for="step in uses.soil_steps" :key="step">{{ step }}</li>
          </ol>
          <dl>
            <template v-for="sign in uses.soil_signs" :key="sign.seen">
              <dt>{{ sign.seen }}</dt>
              <dd>{{ sign.means }}</dd>
            </template>
          </dl>
          <div>
            <h3>{{ t('other-uses.other-uses-view.what-cannot-tell') }}</h3>
            <ul class="limits">
              <li v-for="limit in uses.soil_limits" :key="limit">{{ limit }}</li>
            </ul>
          </div>
        </div>
      </section>
    </template>
  </div>
</template>

<style scoped>
.uses { padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-9); grid-template-columns: minmax(0, 1fr); }
section { display: grid; gap: var(--space-5); }
.volume { max-width: 260px; }
.cards {
  list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-6); grid-template-columns: repeat(auto-fill, minmax(min(330px,
  100%), 1fr));
}
.cards li {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7);
  display: grid; gap: var(--space-2); align-content: start;
}
.dose strong { font-size: var(--text-2xl); }
.caution {
  border-left: 4px solid var(--brass); background: var(--brass-wash); padding: var(--space-3) var(--space-6); border-radius:
  var(--radius-s); margin-top: var(--space-2);
}
.soil {
  display: grid; gap: var(--space-7) var(--space-9); grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr)); align-items:
  start;
}
.soil ol, .limits { margin: 0; padding-left: var(--space-8); display: grid; gap: var(--space-4); }
dl { margin: 0; display: grid; gap: var(--space-1); }
dt { font-weight: 600; }
dd { margin: 0 0 var(--space-5); }
@media (max-width: 760px) { .uses { padding: var(--space-7) var(--space-7) var(--space-10); } }
</style>
