<script setup lang="ts">
import { t } from '@/i18n'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { ref, useTemplateRef } from 'vue'

/** Recipes as a file for other gardens, and back. */
const emit = defineEmits<{ brought: [] }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const picker = useTemplateRef<HTMLInputElement>('picker')
const said = ref('')

async function picked(): Promise<void> {
  const file = picker.value?.files?.[0]
  if (!file) return
  said.value = ''
  const text = await file.text()
  await attempt(async () => {
    const brought = await take(api.POST('/api/gardens/{garden}/recipes/import', { params: { path: { garden: store.id } }, body: { text } }))
    said.value = brought.said
    if (brought.ids.length) done(brought.change, () => emit('brought'))
    emit('brought')
  })
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <div class="files">
    <a :href="`/api/gardens/${store.id}/recipes.json`" download="recipes.json">{{ t('bench.recipe-files.save-all') }}</a>
    <n-button size="small" :loading="busy" @click="picker?.click()">{{ t('bench.recipe-files.bring-in') }}</n-button>
    <input
      ref="picker"
      class="visually-hidden"
      type="file"
      tabindex="-1"
      accept=".json"
      :aria-label="t('bench.recipe-files.bring-in')"
      @change="picked"
    />
    <p v-if="said" class="small" role="status">{{ said }}</p>
    <p v-for="message in errors" :key="message" class="field-error" role="alert">{{ message }}</p>
  </div>
</template>

<style scoped>
.files { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-6); align-items: center; margin-top: var(--space-8); }
.files p { flex-basis: 100%; margin: 0; }
</style>
