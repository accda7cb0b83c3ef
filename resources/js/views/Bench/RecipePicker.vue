<script setup lang="ts">
import { t } from '@/i18n'
import RecipeFiles from './RecipeFiles.vue'
import { api, take, type Recipe, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useStarter } from '@/composables/useStarter'
import { useDebounceFn } from '@vueuse/core'
import { NDrawer, NDrawerContent, NInput } from 'naive-ui'
import { onMounted, ref, shallowRef, watch } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ pick: [id: string] }>()

const store = useGarden()
const search = ref('')
const starters = shallowRef<Schemas['Starter'][]>([])
const { busy, begin } = useStarter(pick)
const found = ref<Recipe[]>([])
const latest = useLatest<Recipe[]>()
const uses: Record<string, string> = {
  foliar: t('bench.recipe-picker.leaves'),
  drench: 'drench',
  weed: 'weeds',
  dip: 'dip',
  wipe: 'wipe',
  disinfect: t('bench.recipe-picker.tools-pots'),
}

/** Those that are kept already are among the others. */
async function offer(): Promise<void> {
  const all = await take(api.GET('/api/gardens/{garden}/starters', { params: { path: { garden: store.id } } }))
  starters.value = all.filter((one) => !found.value.some((kept) => kept.name === one.name))
}
async function look(): Promise<void> {
  found.value = await latest(
    take(api.GET('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id }, query: { search: search.value } } })),
  )
}
const soon = useDebounceFn(look, 120)
watch(search, () => void soon())
watch(shown, (now) => {
  if (now) void look().then(offer)
})
onMounted(look)

function pick(id: string): void {
  shown.value = false
  emit('pick', id)
}
</script>

<template>
  <n-drawer
    v-model:show="shown"
    :aria-label="t('bench.recipe-picker.recipes')"
    :width="t('bench.recipe-picker.min-440px-100vw')"
    placement="left"
  >
    <n-drawer-content :title="t('bench.recipe-picker.recipes')" closable :native-scrollbar="true">
      <n-input
        v-model:value="search"
        :placeholder="t('bench.recipe-picker.search-soap-mildew')"
        clearable
        :input-props="{ 'aria-label': t('bench.recipe-picker.search-recipes') }"
      />
      <ul>
        <li v-for="recipe in found" :key="recipe.id">
          <button type="button" @click="pick(recipe.id)">
            <strong>{{ recipe.name }}</strong>
            <span class="soft small">{{ uses[recipe.use] }} ·
              {{
                recipe.body.ingredients.map((line) => line.ingredient.replaceAll('-', ' ')).join(', ') ||
                  recipe.body.base.liquid.replaceAll('-', ' ')
              }}</span>
          </button>
        </li>
      </ul>
      <section v-if="starters.length && search === ''" aria-labelledby="begin-with">
        <h3 id="begin-with">{{ t('bench.recipe-picker.begin-with') }}</h3>
        <p class="soft small">{{ t('bench.recipe-picker.mild-ones') }}</p>
        <ul>
          <li v-for="one in starters" :key="one.id">
            <button type="button" :disabled="busy" @click="begin(one)">
              <strong>{{ one.name }}</strong>
              <span class="soft small">{{ uses[one.use] }}<template v-if="one.in_cupboard"> · {{ t('bench.recipe-picker.in-cupboard') }}</template></span>
            </button>
          </li>
        </ul>
      </section>
      <p v-if="found.length === 0 && search !== ''" class="soft">{{ t('bench.recipe-picker.no-recipe-has') }}</p>
      <recipe-files v-if="search === ''" @brought="look().then(offer)" />
    </n-drawer-content>
  </n-drawer>
</template>

<style scoped>
section { margin-top: var(--space-8); }
ul { list-style: none; padding: 0; margin: var(--space-6) 0 0; }
li { border-top: 1px solid var(--line); }
button {
  width: 100%; text-align: left; display: grid; gap: 1px; padding: var(--space-5) var(--space-3); border: 0; background: none; cursor:
  pointer;
}
button:hover { background: var(--mist); }
</style>
