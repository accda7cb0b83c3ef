<script setup lang="ts">
import { t } from '@/i18n'
import JarPicture from '@/parts/JarPicture.vue'
import StateMark from '@/parts/StateMark.vue'
import type { Preparation } from '@/api/client'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** A preparation on the shelf. */
const props = defineProps<{ jar: Preparation }>()
defineEmits<{ throwAway: [] }>()

const isOver = computed(() => ['gone-off', 'refused', 'empty'].includes(props.jar.state))
const next = computed(
  () =>
    (
      ({
        'to-strain': t('pantry.jar-card.strain'),
        untested: t('pantry.jar-card.test'),
        steeping: t('pantry.jar-card.see-how-far'),
      }) as Partial<Record<Preparation['state'], string>>
    )[props.jar.state] ?? t('pantry.jar-card.open'),
)
</script>

<template>
  <article class="jar" :class="{ over: isOver }">
    <jar-picture :state="jar.state" :fill="jar.fill" :progress="jar.progress" />
    <div class="words">
      <h3>
        <router-link :to="{ name: 'making', params: { preparation: jar.id } }">{{ jar.name }}</router-link>
      </h3>
      <p>
        <state-mark :state="jar.state" :said="jar.said" /><template v-if="jar.time_left">, {{ jar.time_left }}</template>
      </p>
      <p v-if="jar.left">
        <strong>{{ jar.left }}</strong> {{ t('pantry.jar-card.left')
        }}<template v-if="jar.ph !== null">{{ t('pantry.jar-card.ph', { ph: jar.ph }) }}</template>
      </p>
      <p v-if="jar.makeup.length" class="soft small">{{ jar.makeup.join('; ') }}</p>
      <div class="actions">
        <n-button v-if="isOver" size="small" type="primary" @click="$emit('throwAway')">
          {{
            jar.state === 'empty' ? t('pantry.jar-card.clear-away') : t('pantry.jar-card.throw-away')
          }}
        </n-button>
        <router-link v-else class="next" :to="{ name: 'making', params: { preparation: jar.id } }" :aria-label="`${next}: ${jar.name}`">{{
          next
        }}</router-link>
      </div>
    </div>
  </article>
</template>

<style scoped>
.jar {
  display: grid; grid-template-columns: 84px minmax(0, 1fr); gap: var(--space-7); background: var(--paper); border: 1px solid var(--line);
  border-radius: var(--radius-l); padding: var(--space-7); align-items: start;
}
.over { background: var(--mist); }
.words { display: grid; gap: var(--space-2); }
h3 { overflow-wrap: anywhere; }
h3 a { text-decoration: none; color: var(--ink); }
h3 a:hover { text-decoration: underline; }
.actions { margin-top: var(--space-3); align-items: center; min-height: 34px; }
.next { display: inline-flex; align-items: center; min-height: 34px; }
</style>
