<script setup lang="ts">
import { api, take, type RecipeVersion } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/stores/times'
import { NButton, NDrawer, NDrawerContent } from 'naive-ui'
import { ref, watch } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ recipeId: string }>()
const emit = defineEmits<{ bring: [version: RecipeVersion] }>()

const store = useGarden()
const times = useTimes()
const versions = ref<RecipeVersion[]>([])

watch(shown, async (now) => {
  if (now) versions.value = await take(api.GET('/api/gardens/{garden}/recipes/{recipe}/versions', { params: { path: { garden: store.id, recipe: props.recipeId } } }))
})

function bring(version: RecipeVersion): void {
  shown.value = false
  emit('bring', version)
}
</script>

<template>
  <n-drawer v-model:show="shown" aria-label="Saved versions" :width="'min(440px, 100vw)'">
    <n-drawer-content title="Saved versions" closable :native-scrollbar="true">
      <p class="soft">Every saved wording stays. Bringing one back puts it on the bench; it is stored when you save.</p>
      <article v-for="version in versions" :key="version.number">
        <h3>{{ version.name }}</h3>
        <p class="soft small">Version {{ version.number }}, {{ times.instant(version.saved_at) }}</p>
        <ul>
          <li>{{ version.body.base.amount }} {{ version.body.base.liquid.replaceAll('-', ' ') }}, {{ version.body.base.basis === 'added' ? 'poured in' : 'topped up to it' }}</li>
          <li v-for="(line, n) in version.body.ingredients" :key="n">{{ line.amount }} {{ line.ingredient.replaceAll('-', ' ') }} {{ line.strength ? `(${line.strength})` : '' }}</li>
        </ul>
        <n-button size="small" @click="bring(version)">Bring back</n-button>
      </article>
    </n-drawer-content>
  </n-drawer>
</template>

<style scoped>
article { border-top: 1px solid var(--line); padding: 12px 0; margin-top: 12px; }
ul { margin: 6px 0 10px; padding-left: 18px; }
</style>
