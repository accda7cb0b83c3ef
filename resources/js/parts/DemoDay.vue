<script setup lang="ts">
import { t } from '@/i18n'
import { api, take } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'

defineProps<{
  /** Where the day stands already. */
  brief?: boolean
}>()

/** The demo garden stands in its own spring: which day that is, and a way to let it pass. */
const store = useGarden()
const times = useTimes()
const { done, failed } = useChanges()
const busy = ref(false)
const day = computed(() => (store.garden ? times.dayLong(Date.parse(store.garden.now)) : ''))

async function pass(): Promise<void> {
  busy.value = true
  try {
    const saved = await take(
      api.POST('/api/gardens/{garden}/day-passes', { params: { path: { garden: store.id } }, body: { version: store.garden!.version } }),
    )
    await store.refresh()
    store.undone++
    done(saved.change, () => store.refresh())
  } catch (e) {
    failed(e)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div v-if="store.garden?.is_demo" class="demo">
    <span>{{ brief ? t('parts.demo-day.demo') : t('parts.demo-day.demo-2', { day }) }}</span>
    <n-button size="small" secondary :loading="busy" @click="pass">{{ t('parts.demo-day.let-day-pass') }}</n-button>
  </div>
</template>

<style scoped>
.demo {
  display: flex; flex-wrap: wrap; align-items: center; gap: var(--space-3) var(--space-5); color: var(--soft); font-size: var(--text-s);
}
@media (max-width: 760px) { .demo :deep(.n-button) { min-height: var(--finger); } }
</style>
