<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type Recipe } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/stores/latest'
import { useDebounceFn } from '@vueuse/core'
import { NDrawer, NDrawerContent, NInput } from 'naive-ui'
import { onMounted, ref, watch } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ pick: [id: string] }>()

const store = useGarden()
const search = ref('')
const found = ref<Recipe[]>([])
const latest = useLatest<Recipe[]>()
const uses: Record<string, string> = { foliar: t('bench.recipe-picker.leaves'), drench: 'drench', weed: 'weeds', dip: 'dip', wipe: 'wipe', disinfect: t('bench.recipe-picker.tools-pots') }

async function look(): Promise<void> {
  found.value = await latest(take(api.GET('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id }, query: { search: search.value } } })))
}
const soon = useDebounceFn(look, 120)
watch(search, () => void soon())
watch(shown, (now) => { if (now) void look() })
onMounted(look)

function pick(id: string): void {
  shown.value = false
  emit('pick', id)
}
</script>

<template>
  <n-drawer v-model:show="shown" :aria-label="t('bench.recipe-picker.recipes')" :width="t('bench.recipe-picker.min-440px-100vw')" placement="left">
    <n-drawer-content :title="t('bench.recipe-picker.recipes')" closable :native-scrollbar="true">
      <n-input v-model:value="search" :placeholder="t('bench.recipe-picker.search-soap-mildew')" clearable :input-props="{ 'aria-label': t('bench.recipe-picker.search-recipes') }" />
      <ul>
        <li v-for="recipe in found" :key="recipe.id">
          <button type="button" @click="pick(recipe.id)">
            <strong>{{ recipe.name }}</strong>
            <span class="soft small">{{ uses[recipe.use] }} · {{ recipe.body.ingredients.map((line) => line.ingredient.replaceAll('-', ' ')).join(', ') || recipe.body.base.liquid.replaceAll('-', ' ') }}</span>
          </button>
        </li>
      </ul>
      <p v-if="found.length === 0" class="soft">{{ t('bench.recipe-picker.no-recipe-has') }}</p>
    </n-drawer-content>
  </n-drawer>
</template>

<style scoped>
ul { list-style: none; padding: 0; margin: 14px 0 0; }
li { border-top: 1px solid var(--line); }
button { width: 100%; text-align: left; display: grid; gap: 1px; padding: 11px 6px; border: 0; background: none; cursor: pointer; }
button:hover { background: var(--mist); }
</style>
