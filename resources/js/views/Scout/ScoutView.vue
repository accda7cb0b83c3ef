<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import CauseList from './CauseList.vue'
import KeepDialog from './KeepDialog.vue'
import NextLook from './NextLook.vue'
import SignCard from './SignCard.vue'
import FindingList from '@/parts/FindingList.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useScout, type Weather } from './useScout'

/** From where you look and what you see to what it probably is. */
const store = useGarden()
const route = useRoute()
const { draft, signs, diagnosis, failure, answer, toggleWeather, clear, given, body } = useScout()
const place = ref('tips')
const showKeep = ref(false)
const showAll = ref(false)
const showRarer = ref(false)
/** So many signs of a place are shown, however rare. */
const AT_LEAST = 4

watch(
  () => route.params.planting,
  (id) => {
    if (typeof id === 'string' && store.plantings.some((one) => one.id === id)) draft.value.planting = id
  },
  { immediate: true },
)

const weathers: Weather[] = ['wet', 'dry', 'hot', 'cool']
const planting = computed(() => store.plantings.find((one) => one.id === draft.value.planting))
/** Signs of the place in the order in which they are to be met on this plant; what was answered is never folded away. */
const ordered = (ids: string[]) =>
  ids.flatMap((id) => signs.value?.signs.filter((sign) => sign.id === id && sign.place === place.value) ?? [])
const inOrder = computed(() => {
  const usual = ordered(diagnosis.value?.usual ?? [])
  const all = [...usual, ...ordered(diagnosis.value?.rarer ?? [])]
  const first = Math.max(usual.length, AT_LEAST)
  return all.map((sign, n) => ({ sign, folds: n >= first && !draft.value.answers[sign.id] }))
})
const here = computed(() => inOrder.value.filter((one) => showRarer.value || !one.folds).map((one) => one.sign))
const folded = computed(() => inOrder.value.filter((one) => one.folds).length)
const answered = computed(() => Object.keys(draft.value.answers).length)
const countAt = (id: string) => (signs.value?.signs ?? []).filter((sign) => sign.place === id && draft.value.answers[sign.id]).length
const title = computed(() => {
  const top = diagnosis.value?.causes[0]
  if (!top || given('yes').length === 0)
    return planting.value ? t('scout.scout-view.what-do-see', { name: planting.value.name }) : t('scout.scout-view.what-do-see-2')
  if (top.kind === 'none') return t('scout.scout-view.none-known-troubles')
  const standing = diagnosis.value?.standing
  if (standing === 'unsettled') return t('scout.scout-view.not-yet')
  if (standing === 'several') return t('scout.scout-view.one-of-several')
  return `${standing === 'settled' ? t('scout.scout-view.most-likely') : t('scout.scout-view.perhaps')} ${top.name}`
})
</script>

<template>
  <div class="scout">
    <loading-note v-if="!signs || !diagnosis" :what="t('scout.scout-view.fetching-lens')" />
    <template v-else>
      <page-head :title="title" :under="planting ? `${planting.number} × ${planting.name}, ${planting.zone}` : undefined">
        <n-button v-if="answered" @click="clear">{{ t('scout.scout-view.begin-again') }}</n-button>
        <n-button type="primary" :disabled="answered === 0" @click="showKeep = true">
          {{
            t('scout.scout-view.write-down')
          }}
        </n-button>
      </page-head>
      <div class="columns">
        <div class="asking">
          <div class="where">
            <app-field id="s-planting" v-slot="field" :label="t('scout.scout-view.planting')">
              <select v-bind="field" v-model="draft.planting">
                <option value="">{{ t('scout.scout-view.a-plant') }}</option>
                <optgroup v-for="group in store.byZone" :key="group.zone" :label="group.zone">
                  <option v-for="one in group.plantings" :key="one.id" :value="one.id">{{ one.name }}</option>
                </optgroup>
              </select>
            </app-field>
            <div class="field" role="group" aria-labelledby="s-weather">
              <span id="s-weather" class="label">{{ t('scout.scout-view.last-two-weeks') }}</span>
              <div class="chips">
                <button
                  v-for="word in weathers"
                  :key="word"
                  type="button"
                  class="chip"
                  :aria-pressed="draft.weather.includes(word)"
                  @click="toggleWeather(word)"
                >
                  {{ word }}
                </button>
              </div>
            </div>
          </div>
          <p v-if="failure" class="field-error" role="alert">{{ failure }}</p>
          <next-look
            v-if="diagnosis.next"
            :next="diagnosis.next"
            :begun="given('yes').length > 0"
            @answer="answer(diagnosis.next.sign, $event)"
          />
          <section aria-labelledby="s-where">
            <h2 id="s-where">{{ t('scout.scout-view.say-what-see') }}</h2>
            <div class="chips places">
              <button
                v-for="one in signs.places"
                :key="one.id"
                type="button"
                class="chip"
                :aria-pressed="place === one.id"
                @click="place = one.id"
              >
                {{ one.name }}<span v-if="countAt(one.id)" class="count">{{ countAt(one.id) }}</span>
              </button>
            </div>
            <div class="signs">
              <sign-card
                v-for="sign in here"
                :key="sign.id"
                :sign="sign"
                :given="draft.answers[sign.id]"
                @answer="answer(sign.id, $event)"
              />
            </div>
            <n-button v-if="folded" class="rarer" :aria-expanded="showRarer" @click="showRarer = !showRarer">
              {{
                showRarer
                  ? t('scout.scout-view.fewer-signs')
                  : planting
                    ? t('scout.scout-view.rarer-on', { count: folded, name: planting.name })
                    : t('scout.scout-view.rarer', { count: folded })
              }}
            </n-button>
          </section>
        </div>
        <aside :class="{ open: showAll }" :aria-label="t('scout.scout-view.what-probably')">
          <button type="button" class="peek" :aria-expanded="showAll" @click="showAll = !showAll">
            <span v-for="cause in diagnosis.causes.slice(0, 2)" :key="cause.target">{{ cause.name }} <strong>{{ Math.round(100 * cause.probability) }} %</strong></span>
            <span class="soft">{{ showAll ? t('scout.scout-view.less') : t('scout.scout-view.more') }}</span>
          </button>
          <div class="inside">
            <h2>{{ t('scout.scout-view.what-probably') }}</h2>
            <cause-list :diagnosis="diagnosis" />
            <finding-list :findings="diagnosis.findings" />
            <p class="soft small">{{ t('scout.scout-view.worked-out-from') }}</p>
          </div>
        </aside>
      </div>
      <keep-dialog
        v-model:shown="showKeep"
        v-model:note="draft.note"
        :diagnosis="diagnosis"
        :planting="draft.planting"
        :body="body()"
        @kept="clear"
      />
    </template>
  </div>
</template>

<style scoped>
.scout {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 1fr);
}
.columns { display: grid; grid-template-columns: minmax(0, 1.9fr) minmax(260px, 1fr); gap: var(--space-10); align-items: start; }
.asking, section, .inside { display: grid; gap: var(--space-6); grid-template-columns: minmax(0, 1fr); }
.where { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr)); gap: var(--space-6); }
.chips { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.chip {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--soft); border-radius: var(--radius-round);
  background: var(--paper); cursor: pointer;
}
.chip[aria-pressed='true'] {
  background: var(--leaf-wash); border-color: var(--leaf); font-weight: 600; box-shadow: inset 0 0 0 1px var(--leaf);
}
.count {
  margin-left: var(--space-4); background: var(--leaf); color: var(--on-leaf); border-radius: var(--radius-l); padding: 0 var(--space-4);
  font-size: var(--text-xs);
}
.rarer { margin-top: var(--space-6); }
.signs { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(290px, 100%), 1fr)); gap: var(--space-6); }
aside { position: sticky; top: 22px; max-height: calc(100vh - 44px); overflow: auto; }
.peek { display: none; }
@media (max-width: 900px) {
  .scout { padding: var(--space-7) var(--space-7) var(--under-bar); }
  .columns { grid-template-columns: minmax(0, 1fr); }
  aside {
    position: fixed; z-index: 4; left: 0; right: 0; bottom: 59px; top: auto; background: var(--paper); border-top: 1px solid var(--line);
    box-shadow: 0 -6px 18px rgb(0 0 0 / 12%); max-height: 62vh;
  }
  .peek {
    display: flex; gap: var(--space-6); width: 100%; justify-content: space-between; min-height: 48px; align-items: center; padding:
    var(--space-3) var(--space-7); border: 0; background: none; cursor: pointer;
  }
  .inside { display: none; padding: 0 var(--space-7) var(--space-7); }
  .open .inside { display: grid; }
}
@media (min-width: 761px) and (max-width: 900px) { aside { left: 172px; bottom: 0; } }
</style>
