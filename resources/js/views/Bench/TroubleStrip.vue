<script setup lang="ts">
import { t } from '@/i18n'
import RemedyList from '@/parts/RemedyList.vue'
import type { TroublePage } from '@/api/client'
import { NButton } from 'naive-ui'
import { ref } from 'vue'

/** The trouble one came to the bench with: what helps against it, ranked, to choose the recipe from. */
defineProps<{ page: TroublePage; recipe?: string }>()
const emit = defineEmits<{ pick: [string]; leave: [] }>()

const showAll = ref(false)
</script>

<template>
  <section class="strip" aria-labelledby="strip-title">
    <div class="line">
      <h2 id="strip-title">
        {{ t('bench.trouble-strip.against') }}
        <router-link :to="{ name: 'trouble', params: { trouble: page.brief.id } }">{{
          t('bench.trouble-strip.on', { name: page.brief.name, planting: page.brief.planting })
        }}</router-link>
      </h2>
      <span class="do">
        <n-button size="small" :aria-expanded="showAll" @click="showAll = !showAll">{{
          showAll ? t('bench.trouble-strip.fewer-words') : t('bench.trouble-strip.what-helps-why')
        }}</n-button>
        <n-button size="small" quaternary @click="emit('leave')">{{ t('bench.trouble-strip.leave-trouble') }}</n-button>
      </span>
    </div>
    <remedy-list v-if="showAll" :remedies="page.remedies" :chosen="recipe" @pick="emit('pick', $event)" />
    <div v-else class="picks">
      <template v-for="remedy in page.remedies" :key="remedy.id">
        <button
          v-for="one in remedy.open ? remedy.recipes : []"
          :key="one.id"
          type="button"
          :aria-pressed="one.id === recipe"
          @click="emit('pick', one.id)"
        >
          {{ one.name }}
          <span class="soft small">{{ remedy.evidence_word
          }}<template v-if="remedy.plant_is_sensitive">{{ t('bench.trouble-strip.hurts-plant-easily') }}</template></span>
        </button>
      </template>
      <p v-if="!page.remedies.some((remedy) => remedy.open && remedy.recipes.length)" class="soft">
        {{ t('bench.trouble-strip.none-recipes-kept') }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.strip {
  background: var(--leaf-wash); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); display: grid; gap:
  var(--space-5);
}
.line { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-7); align-items: center; justify-content: space-between; }
.do, .picks { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.picks button {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--soft); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer;
}
.picks button[aria-pressed='true'] { border-color: var(--leaf); box-shadow: inset 0 0 0 1px var(--leaf); font-weight: 600; }
</style>
