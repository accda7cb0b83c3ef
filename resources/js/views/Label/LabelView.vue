<script setup lang="ts">
import { t } from '@/i18n'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, ApiFailure, take, type BottleLabel } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useRecipeOnBench } from '@/composables/useRecipeOnBench'
import { NButton } from 'naive-ui'
import { onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'

/** What belongs on the bottle, to print from here or as a PDF of label size. */
const store = useGarden()
const route = useRoute()
const bench = useRecipeOnBench()
const label = shallowRef<BottleLabel | null>(null)
const failure = ref<string | null>(null)
const text = (value: unknown) => (typeof value === 'string' && value !== '' ? value : null)

const asked = () => ({
  recipe: bench.body.value!,
  sprayer_id: text(route.query.sprayer),
  planting_id: null,
  volume: text(route.query.volume),
})
async function work(): Promise<void> {
  await bench.openFrom(String(route.params.recipe))
  if (!bench.body.value) return
  try {
    label.value = await take(api.POST('/api/gardens/{garden}/bench/label', { params: { path: { garden: store.id } }, body: asked() }))
  } catch (e) {
    if (!(e instanceof ApiFailure)) throw e
    failure.value = Object.values(e.fields)[0] ?? e.message
  }
}
onMounted(work)

async function pdf(): Promise<void> {
  const file = await take(
    api.POST('/api/gardens/{garden}/bench/label.pdf', {
      params: { path: { garden: store.id } },
      body: asked(),
      parseAs: 'blob',
    }) as Promise<{ data?: Blob; error?: unknown; response: Response }>,
  )
  const url = URL.createObjectURL(file)
  const link = document.createElement('a')
  link.href = url
  link.download = 'label.pdf'
  link.click()
  URL.revokeObjectURL(url)
}
const print = () => window.print()
</script>

<template>
  <div class="page">
    <page-head :title="t('label.label-view.bottle-label')" class="noprint">
      <n-button type="primary" :disabled="!label" @click="print">{{ t('label.label-view.print') }}</n-button>
      <n-button :disabled="!label" @click="pdf">{{ t('label.label-view.save-as-pdf') }}</n-button>
    </page-head>
    <p v-if="bench.missing.value || failure" class="field-error">{{ failure ?? t('label.label-view.recipe-not-here') }}</p>
    <loading-note v-else-if="!label" :what="t('label.label-view.writing-label')" />
    <article v-else class="label">
      <h2>{{ label.name }}</h2>
      <p>{{ label.use }}</p>
      <p>{{ label.contents.join(' · ') || 'water' }}</p>
      <p class="dates">
        {{ t('label.label-view.made', { made: label.made }) }}<br />{{
          label.use_by ? t('label.label-view.use-by', { useBy: label.use_by }) : t('label.label-view.use-at-once')
        }}
      </p>
      <p class="soft small">{{ label.keeps }}</p>
      <p v-for="caution in label.cautions" :key="caution" class="caution">{{ caution }}</p>
    </article>
    <p v-if="label" class="soft small noprint">{{ t('label.label-view.pdf-10-cm') }}</p>
  </div>
</template>

<style scoped>
.page {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); justify-items: start; grid-template-columns:
  minmax(0, 1fr);
}
.label {
  background: var(--paper); border: 2px solid var(--ink); border-radius: var(--radius-l); padding: var(--space-8) var(--space-9); display:
  grid; gap: var(--space-3); width: min(460px, 100%);
}
.label h2 { font-size: var(--text-3xl); }
.dates { border-top: 2px solid var(--ink); border-bottom: 2px solid var(--ink); padding: var(--space-3) 0; font-weight: 600; }
.caution { font-weight: 600; }
@media (max-width: 760px) { .page { padding: var(--space-7) var(--space-7) var(--space-10); } }
@media print { .noprint { display: none; } .page { padding: 0; } }
</style>
