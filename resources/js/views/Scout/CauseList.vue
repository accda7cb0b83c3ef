<script setup lang="ts">
import { t } from '@/i18n'
import type { Cause, Diagnosis } from '@/api/client'

/** Causes, the likeliest first, each with the signs that spoke for and against it. */
defineProps<{ diagnosis: Diagnosis }>()

const percent = (p: number) => (p < 0.01 ? 'under 1 %' : `${Math.round(100 * p)} %`)
const clues = (cause: Cause) => cause.clues.filter((clue) => clue.word !== 'hardly')
</script>

<template>
  <ol class="causes">
    <li v-for="cause in diagnosis.causes" :key="cause.target">
      <div class="line">
        <span class="name">{{ cause.name }}</span>
        <span v-if="cause.kind === 'look-alike'" class="tag">{{ t('scout.cause-list.no-pest') }}</span>
        <strong>{{ percent(cause.probability) }}</strong>
      </div>
      <div class="bar" aria-hidden="true"><span :class="cause.kind" :style="{ width: `${100 * cause.probability}%` }" /></div>
      <details v-if="clues(cause).length">
        <summary>{{ t('scout.cause-list.why') }}</summary>
        <ul>
          <li v-for="clue in clues(cause)" :key="clue.sign" :class="clue.word.startsWith('for') ? 'for' : 'against'">
            <span class="sense">{{ clue.word.startsWith('for') ? 'for' : 'against'
            }}<template v-if="clue.word.endsWith('strongly')">{{ t('scout.cause-list.strongly') }}</template></span>
            {{ clue.name }}<template v-if="!clue.there">{{ t('scout.cause-list.not-found') }}</template>
          </li>
        </ul>
      </details>
    </li>
  </ol>
  <p v-if="diagnosis.rest > 0.005" class="soft small">{{ t('scout.cause-list.all-others-together', { rest: percent(diagnosis.rest) }) }}</p>
</template>

<style scoped>
.causes { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-5); }
.line { display: flex; gap: var(--space-5); align-items: baseline; }
.name { font-weight: 600; }
.line strong { margin-left: auto; }
.tag {
  font-size: var(--text-xs); border: 1px solid var(--soft); border-radius: var(--radius-s); padding: 0 var(--space-3); color: var(--soft);
  white-space: nowrap;
}
.bar { height: 10px; background: var(--mist); border-radius: var(--radius-s); overflow: hidden; }
.bar span {
  display: block; height: 100%; background: var(--leaf); border-radius: var(--radius-s); min-width: 2px; transition: width 0.25s;
}
.bar .look-alike { background: var(--water); }
.bar .none { background: var(--soft); }
summary { cursor: pointer; color: var(--soft); font-size: var(--text-s); min-height: 28px; }
ul {
  list-style: none; margin: var(--space-1) 0 0; padding: 0 0 0 var(--space-2); display: grid; gap: var(--space-2); font-size:
  var(--text-s);
}
.sense { font-weight: 600; margin-right: var(--space-2); }
.for .sense { color: var(--leaf); }
.against .sense { color: var(--madder); }
</style>
