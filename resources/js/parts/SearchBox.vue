<script setup lang="ts">
import { t } from '@/i18n'
import SprayedDialog from './SprayedDialog.vue'
import { api, take, type Schemas } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useStarter } from '@/composables/useStarter'
import { onKeyStroke } from '@vueuse/core'
import { NModal } from 'naive-ui'
import { nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'

type Found = Schemas['Found']

/** The one box: whatever is typed is found, or written down. Opened with / or Ctrl-K from everywhere. */
const store = useGarden()
const router = useRouter()
const changes = useChanges()
const latest = useLatest<Found[]>()
const shown = ref(false)
const typed = ref('')
const found = shallowRef<Found[]>([])
const asked = ref('')
const at = ref(0)
const field = useTemplateRef<HTMLInputElement>('field')
const sprayed = shallowRef<Schemas['Act'] | null>(null)
const showSprayed = ref(false)

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
function open(event?: Event): void {
  if (store.id === '') return
  event?.preventDefault()
  shown.value = true
}
onKeyStroke('/', (event) => {
  if (!isTyping(event.target) && !event.ctrlKey && !event.metaKey && !document.querySelector('[role=dialog]')) open(event)
})
onKeyStroke('k', (event) => {
  if (event.ctrlKey || event.metaKey) open(event)
})
watch(shown, async (now) => {
  if (!now) return
  typed.value = ''
  await look()
  await nextTick()
  field.value?.focus()
})
async function look(): Promise<void> {
  const wanted = typed.value
  try {
    found.value = await latest(
      take(api.GET('/api/gardens/{garden}/find', { params: { path: { garden: store.id }, query: { typed: wanted } } })),
    )
    // An answer that was overtaken gives way to the newer one.
    if (typed.value !== wanted) return
    asked.value = wanted
    at.value = 0
  } catch (e) {
    changes.failed(e)
  }
}
watch(typed, () => void look())

function step(by: number): void {
  if (found.value.length === 0) return
  at.value = (at.value + by + found.value.length) % found.value.length
  void nextTick(() => document.getElementById(`found-${at.value}`)?.scrollIntoView({ block: 'nearest' }))
}
const starting = useStarter((recipe) => void router.push({ name: 'bench', params: { recipe } }))
async function begin(id: string): Promise<void> {
  const all = await take(api.GET('/api/gardens/{garden}/starters', { params: { path: { garden: store.id } } }))
  const starter = all.find((one) => one.id === id)
  if (starter) await starting.begin(starter)
}
async function go(one: Found | undefined): Promise<void> {
  if (!one) return
  shown.value = false
  if (one.act) return act(one.act)
  const given = one.with as Record<string, string>
  if (one.kind === 'starter') return begin(given.starter!)
  const params: Record<string, string> = {}
  const query: Record<string, string> = {}
  for (const [name, value] of Object.entries(given)) {
    if (
      (one.view === 'bench' && name === 'recipe') ||
      (one.view === 'trouble' && name === 'trouble') ||
      (one.view === 'making' && name === 'preparation') ||
      (one.view === 'scout' && name === 'planting')
    )
      params[name] = value
    else query[name] = value
  }
  await router.push({ name: one.view, params, query })
}
/** Whoever is quick presses Enter before the answer is there: it is of what was typed, not of what was listed before. */
async function enter(): Promise<void> {
  if (asked.value !== typed.value) await look()
  await go(found.value[at.value])
}
async function act(act: Schemas['Act']): Promise<void> {
  const params = { path: { garden: store.id } }
  try {
    if (act.kind === 'sprayed') {
      sprayed.value = act
      showSprayed.value = true
      return
    }
    if (act.kind === 'rain') {
      changes.done(
        await take(
          api.POST('/api/gardens/{garden}/rain', {
            params,
            body: { mm: act.mm as unknown as number, began_at: act.began_at!, hours: 1 },
          }),
        ),
      )
    } else {
      const saved = await take(
        api.POST('/api/gardens/{garden}/chores', {
          params,
          body: { kind: act.job!, what: act.what, planting_ids: act.planting_ids, often: act.often!, starts_on: act.starts_on ?? null },
        }),
      )
      changes.done(saved.change)
    }
    store.undone++
  } catch (e) {
    changes.failed(e)
  }
}
defineExpose({ open })
</script>

<template>
  <button type="button" class="find" aria-keyshortcuts="/ Control+K" @click="open()">
    <span>{{ t('parts.search-box.find') }}</span> <kbd aria-hidden="true">/</kbd>
  </button>
  <n-modal v-model:show="shown" :auto-focus="false">
    <div class="box" role="dialog" aria-modal="true" :aria-label="t('parts.search-box.find-anything')">
      <form @submit.prevent="enter">
        <input
          ref="field"
          v-model="typed"
          type="text"
          role="combobox"
          aria-controls="found-list"
          aria-expanded="true"
          autocomplete="off"
          enterkeyhint="go"
          :aria-label="t('parts.search-box.find-anything')"
          :aria-activedescendant="found.length ? `found-${at}` : undefined"
          :placeholder="t('parts.search-box.placeholder')"
          @keydown.down.prevent="step(1)"
          @keydown.up.prevent="step(-1)"
          @keydown.esc="shown = false"
        />
      </form>
      <ul id="found-list" :data-typed="asked" role="listbox" :aria-label="t('parts.search-box.found')">
        <li
          v-for="(one, n) in found"
          :id="`found-${n}`"
          :key="`${one.kind}:${one.title}:${n}`"
          role="option"
          :aria-selected="n === at"
          :class="[one.kind, { here: n === at }]"
          tabindex="-1"
          @mousemove="at = n"
          @click="go(one)"
          @keydown.enter="go(one)"
        >
          <span class="kind">{{ one.said }}</span>
          <span class="title">{{ one.title }}<span v-if="one.under" class="soft small">{{ ` · ${one.under}` }}</span></span>
        </li>
      </ul>
      <p v-if="found.length === 0 && asked" class="soft none" role="status">{{ t('parts.search-box.nothing', { typed: asked }) }}</p>
    </div>
  </n-modal>
  <sprayed-dialog
    v-if="sprayed"
    :key="JSON.stringify(sprayed)"
    v-model:shown="showSprayed"
    :recipe-id="sprayed.recipe_id"
    :planting-ids="sprayed.planting_ids"
    :put-on="sprayed.on ?? ''"
    @done="store.undone++"
  />
</template>

<style scoped>
.find {
  display: flex; justify-content: space-between; align-items: center; gap: var(--space-4); min-height: var(--finger); width: 100%; padding: 0
  var(--space-5); border: 1px solid var(--line); border-radius: var(--radius-m); background: var(--paper); color: var(--soft); cursor:
  pointer; font: inherit; text-align: left;
}
kbd { font: 600 var(--text-s) var(--plain); }
.box {
  width: min(620px, calc(100vw - 24px)); background: var(--paper); border-radius: var(--radius-l); overflow: hidden; align-self: flex-start;
  margin: 10vh auto auto; box-shadow: 0 12px 40px rgb(0 0 0 / 25%);
}
input {
  width: 100%; border: 0; border-bottom: 1px solid var(--line); border-radius: 0; padding: var(--space-6) var(--space-7); font-size:
  var(--text-l); min-height: 56px; background: var(--paper); color: var(--ink);
}
ul { list-style: none; margin: 0; padding: var(--space-3); max-height: 56vh; overflow: auto; }
li {
  display: grid; grid-template-columns: 64px minmax(0, 1fr); gap: var(--space-5); align-items: center; min-height: var(--finger); padding:
  var(--space-2) var(--space-5); border-radius: var(--radius-m); cursor: pointer;
}
li.here { background: var(--mist); }
li.action { background: var(--brass-wash); }
li.action.here { outline: 2px solid var(--brass); outline-offset: -2px; }
.kind { color: var(--soft); font-size: var(--text-s); }
.title { overflow-wrap: anywhere; }
li.action .title { font-weight: 600; }
.none { padding: var(--space-6) var(--space-7); }
</style>
