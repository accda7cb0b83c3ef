<script setup lang="ts">
import { t } from '@/i18n'
import FindingList from '@/parts/FindingList.vue'
import type { Finding } from '@/api/client'
import { NButton } from 'naive-ui'

defineProps<{ name: string; findings: Finding[]; refused: string | null; swapped: boolean }>()
defineEmits<{ back: []; keep: [] }>()
</script>

<template>
  <section v-if="refused || swapped" class="swap" aria-live="polite" :aria-label="t('bench.swap-note.another-bottle')">
    <p v-if="refused">
      <strong>{{ t('bench.swap-note.bottle-will-not') }}</strong> {{ refused }}
    </p>
    <template v-else>
      <p>
        <strong>{{ t('bench.swap-note.worked-out', { name }) }}</strong> {{ t('bench.swap-note.what-else-changes') }}
      </p>
      <finding-list v-if="findings.length" :findings="findings" open />
      <p v-else class="soft">{{ t('bench.swap-note.nothing') }}</p>
    </template>
    <div class="actions">
      <n-button v-if="swapped" size="small" @click="$emit('back')">{{ t('bench.swap-note.put-old-bottle') }}</n-button>
      <n-button size="small" @click="$emit('keep')">
        {{
          refused ? t('bench.swap-note.all-right') : t('bench.swap-note.leave-so')
        }}
      </n-button>
    </div>
  </section>
</template>

<style scoped>
.swap {
  background: var(--brass-wash); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); display: grid; gap:
  var(--space-4);
}
</style>
