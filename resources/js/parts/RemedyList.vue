<script setup lang="ts">
import { t } from '@/i18n'
import type { Remedy } from '@/api/client'

/** Families of sprays against a trouble, ranked, each with the recipes of this garden that are one. */
defineProps<{ remedies: Remedy[]; chosen?: string }>()
const emit = defineEmits<{ pick: [string] }>()

function notes(remedy: Remedy): string[] {
  return [
    remedy.too_near_harvest ? t('parts.remedy-list.not-now-wait', { waitDays: remedy.wait_days }) : '',
    remedy.plant_is_sensitive ? t('parts.remedy-list.plant-easily-hurt') : '',
    remedy.noted ? t('parts.remedy-list.mind', { noted: remedy.noted }) : '',
    remedy.too_late ? t('parts.remedy-list.prevents-comes-late') : remedy.as_prevention ? t('parts.remedy-list.prevents-before-trouble') : '',
    remedy.stages.length ? t('parts.remedy-list.reaches-only', { stages: remedy.stages.join(', ') }) : '',
  ].filter(Boolean)
}
</script>

<template>
  <ul class="remedies">
    <li v-for="remedy in remedies" :key="remedy.id" :class="{ closed: !remedy.open }">
      <h3>{{ remedy.name }} <span class="grade" :class="remedy.evidence">{{ remedy.evidence_word }}</span></h3>
      <template v-if="remedy.evidence !== 'none'">
        <p v-for="note in notes(remedy)" :key="note" class="small mind">{{ note }}</p>
        <div v-if="remedy.open && remedy.recipes.length" class="recipes">
          <button v-for="recipe in remedy.recipes" :key="recipe.id" type="button" :class="{ meant: recipe.meant_for_it }" :aria-pressed="chosen === recipe.id" @click="emit('pick', recipe.id)">{{ recipe.name }}</button>
        </div>
        <p v-else-if="remedy.open" class="soft small">{{ t('parts.remedy-list.no-recipe-kind') }}</p>
        <details>
          <summary>{{ t('parts.remedy-list.how-works-what') }}</summary>
          <p class="small">{{ remedy.how }} {{ remedy.limits }}</p>
          <p class="small soft">{{ t('parts.remedy-list.acts', { mode: remedy.mode }) }}<template v-if="remedy.schools">{{ t('parts.remedy-list.final-strength-by', { schools: remedy.schools }) }}</template><template v-if="remedy.wait_days">{{ t('parts.remedy-list.usual-wait-before', { waitDays: remedy.wait_days, days: remedy.wait_days === 1 ? 'day' : 'days' }) }}</template></p>
        </details>
      </template>
    </li>
  </ul>
</template>

<style scoped>
.remedies { list-style: none; margin: 0; padding: 0; }
li { padding: 11px 0; border-top: 1px solid var(--line); display: grid; gap: 4px; }
h3 { font: 600 16px/1.35 'Atkinson Hyperlegible Next', system-ui, sans-serif; display: flex; flex-wrap: wrap; gap: 4px 12px; align-items: baseline; }
.closed h3 { color: var(--soft); }
.grade { font-weight: 400; font-size: 15px; color: var(--soft); }
.grade.strong { color: var(--leaf); font-weight: 600; }
.mind { color: var(--brass); }
.recipes { display: flex; flex-wrap: wrap; gap: 8px; margin: 4px 0; }
.recipes button { min-height: 44px; padding: 6px 14px; border: 1px solid var(--soft); border-radius: 8px; background: var(--paper); cursor: pointer; font-weight: 400; }
.recipes .meant { font-weight: 600; border-color: var(--leaf); color: var(--leaf); }
.recipes button[aria-pressed='true'] { background: var(--leaf-wash); }
summary { cursor: pointer; color: var(--soft); font-size: 15px; min-height: 30px; }
details p { margin: 3px 0; }
</style>
