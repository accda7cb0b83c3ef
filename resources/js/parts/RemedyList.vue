<script setup lang="ts">
import { t } from '@/i18n'
import type { Remedy } from '@/api/client'
import { useStarter } from '@/composables/useStarter'

/** Families of sprays against a trouble, ranked, each with the recipes of this garden that are one. */
defineProps<{ remedies: Remedy[]; chosen?: string }>()
const emit = defineEmits<{ pick: [string] }>()
const { busy, begin } = useStarter((recipe) => emit('pick', recipe))

function notes(remedy: Remedy): string[] {
  return [
    remedy.too_near_harvest ? t('parts.remedy-list.not-now-wait', { waitDays: remedy.wait_days }) : '',
    remedy.plant_is_sensitive ? t('parts.remedy-list.plant-easily-hurt') : '',
    remedy.noted ? t('parts.remedy-list.mind', { noted: remedy.noted }) : '',
    remedy.too_late
      ? t('parts.remedy-list.prevents-comes-late')
      : remedy.as_prevention
        ? t('parts.remedy-list.prevents-before-trouble')
        : '',
    remedy.stages.length ? t('parts.remedy-list.reaches-only', { stages: remedy.stages.join(', ') }) : '',
  ].filter(Boolean)
}
</script>

<template>
  <ul class="remedies">
    <li v-for="remedy in remedies" :key="remedy.id" :class="{ closed: !remedy.open }">
      <h3>
        {{ remedy.name }} <span class="grade" :class="remedy.evidence">{{ remedy.evidence_word }}</span>
      </h3>
      <template v-if="remedy.evidence !== 'none'">
        <p v-for="note in notes(remedy)" :key="note" class="small mind">{{ note }}</p>
        <div v-if="remedy.open && remedy.recipes.length" class="recipes">
          <button
            v-for="recipe in remedy.recipes"
            :key="recipe.id"
            type="button"
            :class="{ meant: recipe.meant_for_it }"
            :aria-pressed="chosen === recipe.id"
            @click="emit('pick', recipe.id)"
          >
            {{ recipe.name }}
          </button>
        </div>
        <div v-else-if="remedy.open && remedy.starters[0]" class="recipes">
          <template v-for="(one, n) in remedy.starters" :key="one.id">
            <button v-if="n < 3" type="button" :class="{ meant: n === 0 }" :disabled="busy" @click="begin(one)">
              {{ n === 0 ? t('parts.remedy-list.use-this', { name: one.name }) : one.name
              }}<span v-if="one.in_cupboard" class="small">{{ t('parts.remedy-list.in-cupboard') }}</span>
            </button>
          </template>
          <p v-if="remedy.starters[0].mind" class="small mind">{{ remedy.starters[0].mind }}</p>
        </div>
        <p v-else-if="remedy.open" class="soft small">{{ t('parts.remedy-list.no-recipe-kind') }}</p>
        <details>
          <summary>{{ t('parts.remedy-list.how-works-what') }}</summary>
          <p class="small">{{ remedy.how }} {{ remedy.limits }}</p>
          <p class="small soft">
            {{ t('parts.remedy-list.acts', { mode: remedy.mode })
            }}<template v-if="remedy.schools">{{ t('parts.remedy-list.final-strength-by', { schools: remedy.schools }) }}</template><template v-if="remedy.wait_days">
              {{
                t('parts.remedy-list.usual-wait-before', { waitDays: remedy.wait_days, days: remedy.wait_days === 1 ? 'day' : 'days' })
              }}
            </template>
          </p>
        </details>
      </template>
    </li>
  </ul>
</template>

<style scoped>
.remedies { list-style: none; margin: 0; padding: 0; }
li { padding: var(--space-5) 0; border-top: 1px solid var(--line); display: grid; gap: var(--space-2); }
h3 { font: 600 var(--text-m)/1.35 var(--plain); display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-6); align-items: baseline; }
.closed h3 { color: var(--soft); }
.grade { font-weight: 400; font-size: var(--text-s); color: var(--soft); }
.grade.strong { color: var(--leaf); font-weight: 600; }
.mind { color: var(--brass); }
.recipes { display: flex; flex-wrap: wrap; gap: var(--space-4); margin: var(--space-2) 0; }
.recipes button {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--soft); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer; font-weight: 400;
}
.recipes .meant { font-weight: 600; border-color: var(--leaf); color: var(--leaf); }
.recipes button[aria-pressed='true'] { background: var(--leaf-wash); }
summary { cursor: pointer; color: var(--soft); font-size: var(--text-s); min-height: 30px; }
details p { margin: var(--space-2) 0; }
</style>
