<script setup lang="ts">
import { t } from '@/i18n'
import PhotoButton from '@/parts/PhotoButton.vue'
import type { TroublePage } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { computed } from 'vue'

/** Everything that happened, the newest first. */
const props = defineProps<{ page: TroublePage }>()
const emit = defineEmits<{ deleteCount: [string]; changed: [] }>()

const store = useGarden()
const times = useTimes()
interface Entry {
  id: string
  at: string
  kind: string
  what: string
  note: string | null
  photo?: boolean
  count?: boolean
  photos?: string[]
  of?: 'application' | 'glance' | undefined
}
const KINDS = {
  spray: t('trouble.story-list.spray'),
  tactic: t('trouble.story-list.tactic'),
  glance: t('trouble.story-list.look'),
}
const story = computed<Entry[]>(() =>
  [
    ...props.page.scoutings.map((one) => ({
      id: one.id,
      at: one.at,
      kind: t('trouble.story-list.look'),
      what: [one.present.join(' · '), one.absent.length ? t('trouble.story-list.not-found', { absent: one.absent.join(' · ') }) : '']
        .filter(Boolean)
        .join('. '),
      note: one.note,
      photo: one.has_photo,
    })),
    ...props.page.counts.map((one) => ({
      id: one.id,
      at: one.at,
      kind: t('trouble.story-list.count'),
      what: `${one.level}${one.enemies === 'none' ? '' : t('trouble.story-list.natural-enemies', { enemies: one.enemies })}`,
      note: one.note,
      count: true,
    })),
    ...props.page.done.map((one) => ({
      id: one.id,
      at: one.at,
      kind: KINDS[one.kind],
      what: one.beside ? `${one.what}, ${one.beside}` : one.what,
      note: one.note,
      photos: one.photos,
      of: one.kind === 'spray' ? ('application' as const) : one.kind === 'glance' ? ('glance' as const) : undefined,
    })),
  ].sort((a, b) => b.at.localeCompare(a.at)),
)
</script>

<template>
  <ol class="story">
    <li v-for="entry in story" :key="entry.id">
      <span class="kind">{{ entry.kind }}</span>
      <div class="words">
        <p>{{ entry.what }}</p>
        <p v-if="entry.note">“{{ entry.note }}”</p>
        <a v-if="entry.photo" :href="`/api/gardens/${store.id}/scoutings/${entry.id}/photo`" target="_blank"><img
          :src="`/api/gardens/${store.id}/scoutings/${entry.id}/photo`"
          :alt="t('trouble.story-list.photo', { entry: times.instant(entry.at) })"
          loading="lazy"
        /></a>
        <a v-for="photo in entry.photos" :key="photo" :href="`/api/gardens/${store.id}/photos/${photo}`" target="_blank"><img
          :src="`/api/gardens/${store.id}/photos/${photo}`"
          :alt="t('trouble.story-list.photo', { entry: times.instant(entry.at) })"
          loading="lazy"
        /></a>
        <photo-button v-if="entry.of" :of="entry.of" :of-id="entry.id" @added="emit('changed')" />
        <p class="soft small">
          {{ times.instant(entry.at) }}
          <button
            v-if="entry.count"
            type="button"
            class="drop"
            :aria-label="t('trouble.story-list.delete-count', { entry: times.instant(entry.at) })"
            @click="emit('deleteCount', entry.id)"
          >
            {{ t('trouble.story-list.delete') }}
          </button>
        </p>
      </div>
    </li>
  </ol>
</template>

<style scoped>
.story { list-style: none; margin: 0; padding: 0; }
li {
  display: grid; grid-template-columns: 74px minmax(0, 1fr); gap: var(--space-6); padding: var(--space-5) 0; border-top: 1px solid
  var(--line);
}
.kind { font-weight: 600; }
.words { display: grid; gap: var(--space-1); }
img { max-width: 220px; max-height: 160px; border-radius: var(--radius-m); display: block; }
.drop {
  border: 0; background: none; color: var(--soft); text-decoration: underline; cursor: pointer; min-height: 32px; padding: 0
  var(--space-3);
}
</style>
