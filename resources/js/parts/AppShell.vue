<script setup lang="ts">
import { t } from '@/i18n'
import DemoDay from './DemoDay.vue'
import DemoMark from './DemoMark.vue'
import ErrorScreen from './ErrorScreen.vue'
import GardenSwitch from './GardenSwitch.vue'
import LoadingNote from './LoadingNote.vue'
import SearchBox from './SearchBox.vue'
import { fontsSettled } from '@/fonts'
import { ApiFailure, spoilt } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useChanges } from '@/composables/useChanges'
import { useEventListener, useMediaQuery } from '@vueuse/core'
import { ref, onErrorCaptured, computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'

const route = useRoute()
const router = useRouter()
const failure = ref<Error | null>(null)
const ready = ref(false)
const bare = computed(() => route.meta.bare === true)
const store = useGarden()
/** On a phone the box stands above each view. */
const isWide = useMediaQuery('(min-width: 761px)')
const isDemo = computed(() => store.garden?.is_demo === true)

const views = [
  { name: 'today', label: t('parts.app-shell.today'), mark: 'M4 11h16M7 15h10M9 19h6M12 3v4M5 6l2 2M19 6l-2 2' },
  {
    name: 'garden',
    label: t('parts.app-shell.garden'),
    mark: 'M12 21v-9M12 14c-4 0-7-2-7-6 4 0 7 2 7 6zM12 12c0-4 2-7 6-7 0 4-2 7-6 7M5 21h14',
  },
  {
    name: 'scout',
    label: t('parts.app-shell.scout'),
    mark: 'M10.5 4a6.5 6.5 0 1 0 0 13 6.5 6.5 0 0 0 0-13M15.5 15.5L21 21M8 11c1-2.5 3-3.5 5-3.5',
  },
  { name: 'bench', label: t('parts.app-shell.bench'), mark: 'M9 3h6M10 3v6l-4 9a2 2 0 0 0 2 3h8a2 2 0 0 0 2-3l-4-9V3M8 15h8' },
  { name: 'rounds', label: t('parts.app-shell.rounds'), mark: 'M4 7h16M4 12h16M4 17h16M8 5v4M14 10v4M11 15v4' },
  { name: 'pantry', label: t('parts.app-shell.pantry'), rare: true, mark: 'M4 4h16v16H4zM4 12h16M8 4v4M8 15v2M13 12V8h3v4M15 20v-4' },
  { name: 'notebook', label: t('parts.app-shell.notebook'), rare: true, mark: 'M7 3h11v18H7zM7 7H4M7 12H4M7 17H4M11 8h4M11 12h4' },
  { name: 'settings', label: t('parts.app-shell.settings'), rare: true, mark: 'M4 7h10M18 7h2M4 17h2M10 17h10M16 5v4M8 15v4' },
]
/** On a phone there is room for five views; the rest is behind one more button. */
const more = ref(false)
const under: Record<string, string> = {
  trouble: 'garden',
  leaves: 'garden',
  card: 'bench',
  compare: 'bench',
  label: 'bench',
  bottle: 'pantry',
  why: 'bench',
}
const isHere = (name: string) => route.name === name || under[String(route.name)] === name
/** On a phone the rare ones stand above each other. */
const above = (name: string) =>
  views
    .filter((view) => view.rare)
    .reverse()
    .findIndex((view) => view.name === name)

router.onError((e: unknown) => {
  failure.value = e instanceof Error ? e : new Error(t('parts.app-shell.something-went-wrong'))
})
void Promise.allSettled([router.isReady(), fontsSettled]).then(() => {
  ready.value = true
})
router.afterEach((_to, from) => {
  failure.value = null
  // Not at the first view: whoever is quick has opened it while that was on its way.
  if (from.matched.length > 0) more.value = false
})
/** What nobody waited for, and could not be done: said, never swallowed. */
const changes = useChanges()
useEventListener(window, 'unhandledrejection', (event: PromiseRejectionEvent) => {
  if (event.reason instanceof ApiFailure) {
    event.preventDefault()
    changes.failed(event.reason)
  }
})
onErrorCaptured((e) => {
  failure.value = e
  return false
})
</script>

<template>
  <div class="shell" :class="{ bare, demo: isDemo }">
    <a class="skip" href="#main">{{ t('parts.app-shell.content') }}</a>
    <nav v-if="!bare" class="nav" :aria-label="t('parts.app-shell.views')">
      <!-- All at once: the names of the views would move down as the garden's comes in above them. -->
      <template v-if="ready">
        <div class="brand">
          <router-link class="name" :to="{ name: 'today' }">{{ t('parts.app-shell.nebbia') }}</router-link>
          <garden-switch />
          <demo-day class="demo-day" />
          <div v-if="isWide && store.garden" class="search"><search-box /></div>
        </div>
        <ul>
          <li
            v-for="view in views"
            :key="view.name"
            :class="{ rare: view.rare, last: view.name === 'settings', shown: more }"
            :style="view.rare ? { '--above': above(view.name) } : undefined"
          >
            <router-link
              :to="{ name: view.name }"
              :class="{ here: isHere(view.name) }"
              :aria-current="isHere(view.name) ? 'page' : undefined"
              @click="more = false"
            >
              <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="view.mark" /></svg>
              {{ view.label }}
            </router-link>
          </li>
          <li class="more">
            <button type="button" :aria-expanded="more" @click="more = !more">
              <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M5 12h.01M12 12h.01M19 12h.01" stroke-width="3.5" /></svg>
              {{ t('parts.app-shell.more') }}
            </button>
          </li>
        </ul>
      </template>
    </nav>
    <main id="main" tabindex="-1">
      <div v-if="!bare && !isWide && store.garden" class="search-bar"><search-box /></div>
      <garden-switch v-if="!bare && store.gardens.length > 1" alone class="on-phone" />
      <demo-mark v-if="route.name !== 'welcome'" :brief="bare" />
      <p v-if="spoilt.length" class="spoilt" role="status">
        <strong>{{ t('parts.app-shell.cannot-read') }}</strong> {{ t('parts.app-shell.rest-shown-write', { spoilt: spoilt.join(', ') }) }}
      </p>
      <error-screen v-if="failure" :failure="failure" />
      <loading-note v-else-if="!ready" />
      <router-view v-else />
    </main>
  </div>
</template>

<style scoped>
.shell { display: grid; grid-template-columns: 172px minmax(0, 1fr); min-height: 100vh; }
.shell.bare { grid-template-columns: minmax(0, 1fr); }
.shell.demo { --demo-bar: 26px; }
/* Beside a desk's views the bar has it. */
.on-phone { display: none; }
@media (max-width: 760px) { .on-phone { display: grid; padding: var(--space-3) var(--space-7); } }
.skip { position: absolute; left: -999px; top: 8px; background: var(--paper); padding: var(--space-4) var(--space-6); z-index: 9; }
.skip:focus { left: 8px; }
.nav {
  background: var(--mist); border-right: 1px solid var(--line); padding: var(--space-8) 0; position: sticky; top: 0; height: 100vh;
  display: flex; flex-direction: column;
}
.brand { display: grid; padding: 0 var(--space-7) var(--space-7); }
.name { font: 600 var(--text-2xl)/1.2 var(--title); color: var(--leaf); text-decoration: none; }
.demo-day { margin-top: var(--space-5); }
.search { margin-top: var(--space-5); }
.search-bar { padding: var(--space-4) var(--space-7) 0; }
ul { list-style: none; margin: 0; padding: 0; display: flex; flex-direction: column; flex: 1; }
li.last { margin-top: auto; }
li a {
  display: flex; align-items: center; gap: var(--space-6); min-height: var(--finger); padding: var(--space-3) var(--space-7); color:
  var(--ink); text-decoration: none; border-left: 4px solid transparent;
}
li a:hover { background: color-mix(in srgb, var(--page) 55%, transparent); }
li a.here { background: var(--page); border-left-color: var(--leaf); font-weight: 600; }
svg {
  width: 20px; height: 20px; fill: none; stroke: currentColor; stroke-width: 1.7; stroke-linecap: round; stroke-linejoin: round; flex:
  none;
}
.more { display: none; }
.spoilt { margin: 0; padding: var(--space-6) var(--space-9); background: var(--brass-wash); border-bottom: 1px solid var(--line); }
main { min-width: 0; outline: none; }
@media (max-width: 760px) {
  .shell { grid-template-columns: minmax(0, 1fr); grid-template-rows: 1fr auto; }
  .nav {
    order: 2; min-width: 0; position: sticky; bottom: 0; top: auto; height: auto; padding: 0; border-right: 0; border-top: 1px solid
    var(--line); z-index: 5;
  }
  .brand { display: none; }
  ul { flex-direction: row; justify-content: space-between; }
  li { flex: 1; }
  li.last { margin: 0; }
  li.rare { display: none; }
  li.rare.shown {
    display: block; position: absolute; bottom: 100%; right: 8px; width: 170px; background: var(--paper); border: 1px solid var(--line);
    border-radius: var(--radius-l); margin-bottom: calc(6px + 66px * var(--above));
  }
  li.rare a { flex-direction: row; gap: var(--space-6); padding: var(--space-3) var(--space-7); font-size: var(--text-m); border-top: 0; }
  .more { display: block; }
  .more button {
    width: 100%; min-height: 58px; display: flex; flex-direction: column; align-items: center; gap: 1px; padding: var(--space-3)
    var(--space-1) var(--space-4); border: 0; border-top: 3px solid transparent; background: none; font-size: var(--text-xs); cursor:
    pointer;
  }
  li a {
    flex-direction: column; align-items: center; gap: 1px; font-size: var(--text-xs); padding: var(--space-3) var(--space-1)
    var(--space-4); border-left: 0; border-top: 3px solid transparent; min-height: 58px;
  }
  li a.here { border-top-color: var(--leaf); }
}
@media print {
  .shell { display: block; }
  .nav, .skip { display: none; }
}
</style>
