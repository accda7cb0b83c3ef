<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import ScoreInput from './ScoreInput.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'

/** One step of the story: put on, looked at, and what to do next. */
const props = defineProps<{ look: Schemas['Look'] }>()
const emit = defineEmits<{ changed: [Schemas['Looks']] }>()

const store = useGarden()
const times = useTimes()
const { errors, busy, attempt, done } = useSaving()
const answering = ref(false)
const score = ref(0)
const note = ref('')
const isOpen = computed(() => props.look.score === null)
const title = computed(() => {
  const part = props.look.fraction < 1 ? t('leaves.look-card.at', { fraction: Math.round(props.look.fraction * 100) }) : ''
  return props.look.kind === 'patch'
    ? t('leaves.look-card.leaves', {
        mix: props.look.recipe ?? t('leaves.look-card.mix'),
        part,
        few: props.look.leaves ?? t('leaves.look-card.few'),
      })
    : t('leaves.look-card.whole-plant', { spray: props.look.recipe ?? t('leaves.look-card.spray') })
})
const wait = computed(() =>
  props.look.is_due
    ? t('leaves.look-card.look-at-now')
    : props.look.look_at
      ? t('leaves.look-card.look-from', { lookAt: times.instant(props.look.look_at) })
      : t('leaves.look-card.still-looked-at'),
)

const answer = () =>
  attempt(async () => {
    const saved = await take(
      api.PUT('/api/gardens/{garden}/looks/{look}', {
        params: { path: { garden: store.id, look: props.look.id } },
        body: { version: props.look.version, score: score.value, note: note.value || null },
      }),
    )
    answering.value = false
    done(saved.change)
    emit('changed', saved.looks)
  })
const next = () =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/plantings/{planting}/looks', {
        params: { path: { garden: store.id, planting: planting.value } },
        body: { kind: 'patch', recipe_id: props.look.recipe_id, fraction: props.look.next_fraction, leaves: props.look.leaves ?? 4 },
      }),
    )
    done(saved.change)
    emit('changed', saved.looks)
  })
const remove = () =>
  attempt(async () => {
    done(await take(api.DELETE('/api/gardens/{garden}/looks/{look}', { params: { path: { garden: store.id, look: props.look.id } } })))
    store.undone++
  })
const planting = computed(() => props.look.planting_id)
</script>

<template>
  <article :class="{ due: look.is_due, hurt: (look.score ?? 0) >= 3 }">
    <p class="soft small">{{ times.instant(look.put_on_at) }}</p>
    <h3>{{ title }}</h3>
    <p class="small strengths">{{ look.strengths }}</p>
    <p v-if="look.score !== null">
      <strong>{{ t('leaves.look-card.10', { score: look.score }) }}</strong>{{ look.score <= 1 ? t('leaves.look-card.bore') : look.score >= 3 ? t('leaves.look-card.burnt') : ': marked.' }}
      <span v-if="look.seen_at" class="soft small">{{
        t('leaves.look-card.seen', { seenAt: times.dayOf(Date.parse(look.seen_at)) })
      }}</span>
    </p>
    <p v-if="look.note">{{ look.note }}</p>
    <p v-if="look.advice" class="advice">
      <strong>{{ look.advice }}</strong> {{ look.advice_because }}
    </p>
    <p v-if="isOpen">
      <strong>{{ wait }}</strong>
    </p>
    <form v-if="answering" class="form-grid" @submit.prevent="answer">
      <score-input :id="`score-${look.id}`" v-model="score" :error="errors.score" />
      <app-field :id="`note-${look.id}`" v-slot="field" :label="t('leaves.look-card.what-see')">
        <input v-bind="field" v-model="note" :placeholder="t('leaves.look-card.pale-edges-brown')" />
      </app-field>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('leaves.look-card.write-down') }}</n-button><n-button @click="answering = false">{{ t('leaves.look-card.not-now') }}</n-button>
      </div>
    </form>
    <div v-else class="actions">
      <n-button v-if="isOpen" :type="look.is_due ? 'primary' : 'default'" size="small" @click="answering = true">
        {{
          t('leaves.look-card.i-have-looked')
        }}
      </n-button>
      <n-button v-if="look.advice_id === 'next' && look.recipe_id" size="small" :loading="busy" @click="next">
        {{
          t('leaves.look-card.i-have-put')
        }}
      </n-button>
      <n-button size="small" quaternary @click="remove">{{ t('leaves.look-card.delete') }}</n-button>
    </div>
  </article>
</template>

<style scoped>
article {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-5) var(--space-7);
  display: grid; gap: var(--space-3); position: relative;
}
article::before {
  content: ''; position: absolute; left: -26px; top: 18px; width: 13px; height: 13px; border-radius: 50%; background: var(--leaf); border:
  3px solid var(--page);
}
article.due::before { background: var(--brass); left: -30px; }
article.hurt::before { background: var(--madder); }
article.due { border-left: 5px solid var(--brass); }
.strengths::first-letter { text-transform: uppercase; }
.advice { border-left: 3px solid var(--brass); padding-left: var(--space-5); }
</style>
