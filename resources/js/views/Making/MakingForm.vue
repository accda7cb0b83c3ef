<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FindingList from '@/parts/FindingList.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import { useMaking } from './useMaking'
import { api, take, type Preparation, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton, NSelect } from 'naive-ui'
import { computed } from 'vue'
import { useRouter } from 'vue-router'

/** How much goes in, what comes of it, and when. */
const props = defineProps<{ kind: Schemas['PreparationKind']; want: string; jars: Preparation[] }>()

const store = useGarden()
const router = useRouter()
const times = useTimes()
const { draft, making, isKnown, errors, failure, edit, forget } = useMaking(props.kind.id, props.want)
const saving = useSaving()
const error = (field: string) =>
  errors.value[`body.${field}`] ?? errors.value[field] ?? saving.errors.value[`body.${field}`] ?? saving.errors.value[field]
const body = computed(() => draft.body ?? making.value?.body ?? null)
const lines = computed(() => body.value?.ingredients ?? [])
const worked = (n: number) => (making.value?.raw[n]?.ingredient === lines.value[n]?.ingredient ? making.value?.raw[n] : undefined)
/** What must not go into a pot is neither started nor walked through. */
const isStopped = computed(() => making.value?.findings.some((one) => one.severity === 'stop') ?? false)
const options = computed(() => store.knowledge.ingredients.map((one) => ({ value: one.id, label: one.name })))
const jarsOf = (ingredient: string) =>
  props.jars.filter((jar) => jar.ingredient === ingredient && ['ready', 'use-soon'].includes(jar.state))
const STANDS = {
  below: t('making.making-form.less-than-usual'),
  usual: t('making.making-form.as-usual'),
  above: t('making.making-form.more-than-usual'),
  unknown: '',
}

const setLine = (n: number, field: 'ingredient' | 'amount' | 'preparation', value: string) =>
  edit((now) => {
    const line = now.ingredients?.[n]
    if (!line) return
    if (field === 'preparation' && value === '') delete line.preparation
    else line[field] = value
  })

const begin = () =>
  saving.attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/preparations', {
        params: { path: { garden: store.id } },
        body: { body: body.value!, name: draft.name || null, sprayer_id: draft.sprayer || null },
      }),
    )
    forget()
    saving.done(saved.change, () => void router.push({ name: 'pantry', query: { show: 'made' } }))
    await router.push({ name: 'making', params: { preparation: saved.story.preparation.id } })
  })
</script>

<template>
  <p v-if="failure" class="field-error" role="alert">{{ failure }}</p>
  <loading-note v-if="!isKnown" :what="t('making.new-making.fetching-what-can')" />
  <div v-else class="sides">
    <form class="left" @submit.prevent="begin">
      <h2>{{ t('making.making-form.what-goes') }}</h2>
      <app-field id="m-want" v-slot="field" class="want" :label="t('making.making-form.how-much-do')" :error="error('want')">
        <div class="with">
          <input v-bind="field" v-model="draft.want" :disabled="draft.body !== null" :placeholder="t('making.making-form.1-l-water')" />
          <n-button v-if="draft.body" @click="draft.body = null">{{ t('making.making-form.back-usual-amounts') }}</n-button>
        </div>
      </app-field>
      <div v-if="body?.base" class="line">
        <label class="field"><span class="label">{{ making?.liquid?.replace(/^.* of /, '') ?? 'liquid' }}</span>
          <input
            class="native"
            autocomplete="off"
            :value="body.base.amount"
            :aria-label="t('making.making-form.amount-liquid')"
            :aria-invalid="error('base.amount') ? 'true' : undefined"
            @input="
              edit((now) => {
                now.base!.amount = ($event.target as HTMLInputElement).value
              })
            "
          />
        </label>
        <p class="side">
          <strong>{{ making?.liquid }}</strong>
        </p>
        <p v-if="error('base.amount')" class="field-error wide">{{ error('base.amount') }}</p>
      </div>
      <div v-for="(line, n) in lines" :key="n" class="line" role="group" :aria-label="t('making.making-form.ingredient', { n: n + 1 })">
        <div class="field">
          <span v-if="worked(n)?.usual" class="label">{{ worked(n)?.name }}</span>
          <n-select
            v-else
            filterable
            :value="line.ingredient"
            :options="options"
            :input-props="{ 'aria-label': t('making.making-form.ingredient', { n: n + 1 }) }"
            @update:value="(value: string) => setLine(n, 'ingredient', value)"
          />
          <input
            class="native"
            autocomplete="off"
            :value="line.amount"
            :aria-label="t('making.making-form.amount-ingredient', { n: n + 1 })"
            :aria-invalid="error(`ingredients.${n}.amount`) ? 'true' : undefined"
            @input="setLine(n, 'amount', ($event.target as HTMLInputElement).value)"
          />
        </div>
        <div class="side">
          <p>
            <strong>{{ worked(n)?.precise }}</strong>
          </p>
          <p v-if="worked(n)?.usual" class="small" :class="worked(n)?.stands === 'usual' ? 'soft' : 'off'">
            {{ STANDS[worked(n)!.stands] }}: {{ worked(n)?.usual }}
          </p>
          <n-button
            v-if="lines.length > 1"
            size="small"
            quaternary
            :aria-label="t('making.making-form.take-out-ingredient', { n: n + 1 })"
            @click="
              edit((now) => {
                now.ingredients!.splice(n, 1)
              })
            "
          >
            {{ t('making.making-form.take-out') }}
          </n-button>
        </div>
        <label v-if="jarsOf(line.ingredient).length" class="field wide"><span class="soft small">{{ t('making.making-form.from') }}</span>
          <select
            class="native"
            :aria-label="t('making.making-form.jar-ingredient', { n: n + 1 })"
            :value="line.preparation ?? ''"
            @change="setLine(n, 'preparation', ($event.target as HTMLSelectElement).value)"
          >
            <option value="">{{ t('making.making-form.bottle-as-usually') }}</option>
            <option v-for="jar in jarsOf(line.ingredient)" :key="jar.id" :value="jar.id">{{ jar.name }}, {{ jar.left }}</option>
          </select>
        </label>
        <p v-for="field in ['ingredient', 'amount', 'preparation']" :key="field" class="wide">
          <span v-if="error(`ingredients.${n}.${field}`)" class="field-error">{{ error(`ingredients.${n}.${field}`) }}</span>
        </p>
      </div>
      <p v-if="error('ingredients') ?? error('kind') ?? error('base')" class="field-error">
        {{ error('ingredients') ?? error('kind') ?? error('base') }}
      </p>
      <div>
        <n-button
          dashed
          size="small"
          @click="
            edit((now) => {
              now.ingredients = [...(now.ingredients ?? []), { ingredient: 'onion', amount: '50 g' }]
            })
          "
        >
          {{ t('making.making-form.add-something') }}
        </n-button>
      </div>
      <div class="two">
        <app-field id="m-name" v-slot="field" :label="t('making.making-form.what-call')" :error="error('name')">
          <input v-bind="field" v-model="draft.name" :placeholder="kind.name" maxlength="120" />
        </app-field>
        <app-field id="m-sprayer" v-slot="field" :label="t('making.making-form.which-sprayer')">
          <select v-bind="field" v-model="draft.sprayer">
            <option value="">{{ t('making.making-form.not-said') }}</option>
            <option v-for="one in store.sprayers" :key="one.id" :value="one.id">{{ one.name }}</option>
          </select>
        </app-field>
      </div>
    </form>
    <section
      v-if="making"
      class="right"
      :aria-label="t('making.making-form.what-comes')"
      :class="{ stale: Object.keys(errors).length > 0 }"
    >
      <h2>{{ t('making.making-form.what-comes') }}</h2>
      <finding-list v-if="making.findings.length" :findings="making.findings" :grounds="false" open />
      <dl v-if="!isStopped">
        <dt>{{ t('making.making-form.yield') }}</dt>
        <dd>
          <strong>{{ making.yield ?? t('making.making-form.not-foretold-measure') }}</strong>
        </dd>
        <dt>{{ t('making.making-form.strength') }}</dt>
        <dd>
          <span v-for="one in making.makeup" :key="one" class="row">{{ one }}</span>
        </dd>
        <dt>{{ t('making.making-form.ready') }}</dt>
        <dd>
          <strong>{{ making.ready_at ? times.instant(making.ready_at) : t('making.making-form.at-once') }}</strong><span v-if="making.ready_at" class="row soft small">{{ t('making.making-form.if-start-now') }}</span>
        </dd>
        <dt>{{ t('making.making-form.keeps') }}</dt>
        <dd>
          <span v-for="one in making.keeps" :key="one" class="row">{{ one }}</span>
        </dd>
        <dt>{{ t('making.making-form.gone-off') }}</dt>
        <dd>
          <span v-for="one in making.spoils" :key="one" class="row">{{ one }}</span>
        </dd>
        <template v-if="kind.into !== 'neat'">
          <dt>{{ t('making.making-form.used-at') }}</dt>
          <dd>{{ t('making.making-form.water-usually', { into: kind.into }) }}</dd>
        </template>
      </dl>
      <p v-if="!isStopped" class="soft small">{{ t('making.making-form.proportions-times', { basis: making.basis }) }}</p>
      <n-button v-if="!isStopped" type="primary" size="large" :loading="saving.busy.value" :disabled="Object.keys(errors).length > 0" @click="begin">
        {{
          t('making.making-form.start-now')
        }}
      </n-button>
    </section>
  </div>
  <section v-if="making && making.steps.length" aria-labelledby="steps">
    <h2 id="steps">{{ t('making.making-form.step-by-step') }}</h2>
    <ol class="steps">
      <li v-for="(step, n) in making.steps" :key="n">
        <p>
          <strong>{{ step.what }}</strong> {{ step.how }}
        </p>
        <p v-for="caution in step.cautions" :key="caution" class="caution">{{ caution }}</p>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.sides {
  display: grid; gap: var(--space-9) var(--space-10); grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr)); align-items:
  start;
}
.left, .right { display: grid; gap: var(--space-6); grid-template-columns: minmax(0, 1fr); }
.right { background: var(--leaf-wash); border-radius: var(--radius-l); padding: var(--space-7) var(--space-8); justify-items: start; }
.stale { opacity: .55; }
.with { display: flex; flex-wrap: wrap; gap: var(--space-5); }
.with input { flex: 1 1 160px; width: auto; }
.line {
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: var(--space-2) var(--space-7); border-top: 1px solid
  var(--line); padding-top: var(--space-6); align-items: start;
}
.line .label::first-letter { text-transform: uppercase; }
.side { display: grid; justify-items: start; gap: var(--space-1); padding-top: var(--space-9); }
.side :deep(.n-button) { padding-left: 0; }
.side strong { font-size: var(--text-l); }
.off { border-left: 3px solid var(--brass); padding-left: var(--space-4); }
.wide { grid-column: 1 / -1; }
.wide:empty { display: none; }
dl { display: grid; grid-template-columns: 86px minmax(0, 1fr); gap: var(--space-3) var(--space-6); margin: 0; }
dt { color: var(--soft); }
dd { margin: 0; }
.row { display: block; }
.steps { margin: var(--space-4) 0 0; padding-left: var(--space-9); display: grid; gap: var(--space-4); max-width: 820px; }
.caution {
  border-left: 4px solid var(--brass); background: var(--brass-wash); padding: var(--space-2) var(--space-6); border-radius:
  var(--radius-s); margin-top: var(--space-2);
}
</style>
