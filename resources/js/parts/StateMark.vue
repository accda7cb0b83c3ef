<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** How a preparation stands: a shape, a colour and a word. */
defineProps<{ state: Schemas['Preparation']['state']; said: string }>()

const shapes: Record<Schemas['Preparation']['state'], string> = {
  steeping: '◔', 'to-strain': '▽', untested: '◌', refused: '✕', ready: '●', 'use-soon': '◑', 'gone-off': '✕', empty: '○',
}
</script>

<template>
  <span class="state" :class="state"><span aria-hidden="true">{{ shapes[state] }}</span> {{ said }}</span>
</template>

<style scoped>
.state { font-weight: 600; color: var(--soft); white-space: nowrap; }
.ready, .steeping { color: var(--leaf); }
.use-soon, .to-strain, .untested { color: var(--brass); }
.gone-off, .refused { color: var(--madder); }
</style>
