<script setup lang="ts">
import AppDialog from '@/parts/AppDialog.vue'
import type { Recipe, RecipeBody } from '@/api/client'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ mine: RecipeBody; theirs: Recipe }>()
defineEmits<{ keep: []; take: [] }>()

const words = (body: RecipeBody) => [
  `${body.base.amount} ${body.base.liquid.replaceAll('-', ' ')}, ${body.base.basis === 'added' ? 'poured in' : 'topped up to it'}`,
  ...body.ingredients.map((line) => `${line.amount} ${line.ingredient.replaceAll('-', ' ')}${line.strength ? ` (${line.strength})` : ''}`),
]
const both = computed(() => [
  { title: 'Yours, not saved yet', name: props.mine.name, lines: words(props.mine), other: words(props.theirs.body) },
  { title: 'As it is stored now', name: props.theirs.name, lines: words(props.theirs.body), other: words(props.mine) },
])
</script>

<template>
  <app-dialog v-model:shown="shown" title="Changed elsewhere since you opened it" :width="720" keep-open>
    <div class="two">
      <section v-for="side in both" :key="side.title">
        <h3>{{ side.title }}</h3>
        <p><strong>{{ side.name }}</strong></p>
        <ul>
          <li v-for="line in side.lines" :key="line" :class="{ differs: !side.other.includes(line) }">{{ line }}</li>
        </ul>
      </section>
    </div>
    <div class="actions">
      <n-button type="primary" @click="$emit('keep')">Save mine over it</n-button>
      <n-button @click="$emit('take')">Take the stored one</n-button>
    </div>
    <p class="soft small">If you save yours, the stored one stays among the saved versions. If you take the stored one, yours is dropped.</p>
  </app-dialog>
</template>

<style scoped>
ul { margin: 6px 0; padding-left: 18px; }
.differs { font-weight: 600; background: var(--brass-wash); }
</style>
