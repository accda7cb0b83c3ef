<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import type { Recipe, RecipeBody } from '@/api/client'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ mine: RecipeBody; theirs: Recipe }>()
defineEmits<{ keep: []; take: [] }>()

const words = (body: RecipeBody) => [
  `${body.base.amount} ${body.base.liquid.replaceAll('-', ' ')}, ${body.base.basis === 'added' ? t('bench.stale-dialog.poured') : t('bench.stale-dialog.topped-up')}`,
  ...body.ingredients.map((line) => `${line.amount} ${line.ingredient.replaceAll('-', ' ')}${line.strength ? ` (${line.strength})` : ''}`),
]
const both = computed(() => [
  { title: t('bench.stale-dialog.yours-not-saved'), name: props.mine.name, lines: words(props.mine), other: words(props.theirs.body) },
  { title: t('bench.stale-dialog.as-stored-now'), name: props.theirs.name, lines: words(props.theirs.body), other: words(props.mine) },
])
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('bench.stale-dialog.changed-elsewhere-since')" :width="720" keep-open>
    <div class="two">
      <section v-for="side in both" :key="side.title">
        <h3>{{ side.title }}</h3>
        <p>
          <strong>{{ side.name }}</strong>
        </p>
        <ul>
          <li v-for="line in side.lines" :key="line" :class="{ differs: !side.other.includes(line) }">{{ line }}</li>
        </ul>
      </section>
    </div>
    <div class="actions">
      <n-button type="primary" @click="$emit('keep')">{{ t('bench.stale-dialog.save-mine-over') }}</n-button>
      <n-button @click="$emit('take')">{{ t('bench.stale-dialog.take-stored-one') }}</n-button>
    </div>
    <p class="soft small">{{ t('bench.stale-dialog.if-save-yours') }}</p>
  </app-dialog>
</template>

<style scoped>
ul { margin: var(--space-3) 0; padding-left: var(--space-7); }
.differs { font-weight: 600; background: var(--brass-wash); }
</style>
