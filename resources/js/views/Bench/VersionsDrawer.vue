<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type RecipeVersion } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { NButton, NDrawer, NDrawerContent } from 'naive-ui'
import { ref, watch } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ recipeId: string }>()
const emit = defineEmits<{ bring: [version: RecipeVersion] }>()

const store = useGarden()
const times = useTimes()
const versions = ref<RecipeVersion[]>([])

watch(shown, async (now) => {
  if (now)
    versions.value = await take(
      api.GET('/api/gardens/{garden}/recipes/{recipe}/versions', { params: { path: { garden: store.id, recipe: props.recipeId } } }),
    )
})

function bring(version: RecipeVersion): void {
  shown.value = false
  emit('bring', version)
}
</script>

<template>
  <n-drawer
    v-model:show="shown"
    :aria-label="t('bench.versions-drawer.saved-versions')"
    :width="t('bench.versions-drawer.min-440px-100vw')"
  >
    <n-drawer-content :title="t('bench.versions-drawer.saved-versions')" closable :native-scrollbar="true">
      <p class="soft">{{ t('bench.versions-drawer.every-saved-wording') }}</p>
      <article v-for="version in versions" :key="version.number">
        <h3>{{ version.name }}</h3>
        <p class="soft small">
          {{ t('bench.versions-drawer.version', { number: version.number, savedAt: times.instant(version.saved_at) }) }}
        </p>
        <ul>
          <li>
            {{ version.body.base.amount }} {{ version.body.base.liquid.replaceAll('-', ' ') }},
            {{ version.body.base.basis === 'added' ? t('bench.versions-drawer.poured') : t('bench.versions-drawer.topped-up') }}
          </li>
          <li v-for="(line, n) in version.body.ingredients" :key="n">
            {{ line.amount }} {{ line.ingredient.replaceAll('-', ' ') }} {{ line.strength ? `(${line.strength})` : '' }}
          </li>
        </ul>
        <n-button size="small" @click="bring(version)">{{ t('bench.versions-drawer.bring-back') }}</n-button>
      </article>
    </n-drawer-content>
  </n-drawer>
</template>

<style scoped>
article { border-top: 1px solid var(--line); padding: var(--space-6) 0; margin-top: var(--space-6); }
ul { margin: var(--space-3) 0 var(--space-5); padding-left: var(--space-7); }
</style>
