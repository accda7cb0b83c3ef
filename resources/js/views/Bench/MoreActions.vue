<script setup lang="ts">
import { t } from '@/i18n'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'

/** What is done with a recipe now and then: folded away, so that what is done each day stands alone. */
const props = defineProps<{ recipe: string; sprayer: string | null; planting: string | null; along: object }>()
const emit = defineEmits<{ copy: []; versions: []; remove: [] }>()
const router = useRouter()
const store = useGarden()
const open = ref(false)
const whole = useTemplateRef<HTMLElement>('whole')

const outside = (event: Event) => {
  if (event.target instanceof Node && !whole.value?.contains(event.target)) open.value = false
}
const escaped = (event: KeyboardEvent) => {
  if (event.key !== 'Escape') return
  open.value = false
  whole.value?.querySelector('button')?.focus()
}
function listen(now: boolean): void {
  const how = now ? 'addEventListener' : 'removeEventListener'
  document[how]('pointerdown', outside)
  document[how]('keydown', escaped as EventListener)
}
watch(open, listen)
onBeforeUnmount(() => listen(false))
const then = (what: () => unknown) => {
  open.value = false
  what()
}
const query = () => ({ sprayer: props.sprayer ?? undefined, planting: props.planting ?? undefined })
const compare = () => router.push({ name: 'compare', query: { recipes: props.recipe, planting: props.planting ?? undefined } })
const card = () => router.push({ name: 'card', params: { recipe: props.recipe }, query: query() })
const label = () => router.push({ name: 'label', ...props.along })
</script>

<template>
  <div ref="whole" class="more">
    <n-button :aria-expanded="open" @click="open = !open">{{ t('bench.more-actions.more') }}</n-button>
    <div v-if="open" class="list">
      <n-button quaternary @click="then(label)">{{ t('bench.bench-view.bottle-label') }}</n-button>
      <n-button quaternary @click="then(card)">{{ t('bench.bench-view.card-print') }}</n-button>
      <n-button quaternary @click="then(compare)">{{ t('bench.bench-view.compare') }}</n-button>
      <a class="file" :href="`/api/gardens/${store.id}/recipes/${recipe}/recipe.json`" download @click="open = false">
        {{ t('bench.more-actions.save-file') }}
      </a>
      <n-button quaternary @click="then(() => emit('copy'))">{{ t('bench.bench-view.copy') }}</n-button>
      <n-button quaternary @click="then(() => emit('versions'))">{{ t('bench.bench-view.versions') }}</n-button>
      <n-button quaternary @click="then(() => emit('remove'))">{{ t('bench.bench-view.delete') }}</n-button>
    </div>
  </div>
</template>

<style scoped>
.more { position: relative; }
.list {
  position: absolute; bottom: calc(100% + var(--space-3)); right: 0; background: var(--paper); border: 1px solid var(--line);
  border-radius: var(--radius-m); padding: var(--space-3); display: grid; min-width: 180px; z-index: 3;
  box-shadow: 0 4px 18px rgb(0 0 0 / 12%);
}
.file { display: flex; align-items: center; min-height: var(--finger); padding: 0 var(--space-6); color: inherit; font-weight: 600; text-decoration: none; }
.file:hover { background: var(--mist); }
.list :deep(button) { justify-content: start; }
</style>
