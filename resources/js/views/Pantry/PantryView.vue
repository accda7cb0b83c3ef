<script setup lang="ts">
import BottleCard from './BottleCard.vue'
import MadePanel from './MadePanel.vue'
import MeasuresPanel from './MeasuresPanel.vue'
import ProductDialog from './ProductDialog.vue'
import ShoppingPanel from './ShoppingPanel.vue'
import SprayersPanel from './SprayersPanel.vue'
import EmptyNote from '@/parts/EmptyNote.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, take, type Pantry, type Product } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/stores/latest'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

const store = useGarden()
const route = useRoute()
const router = useRouter()
const pantry = shallowRef<Pantry | null>(null)
const latest = useLatest<Pantry>()
const editing = ref(false)
const chosen = shallowRef<Product | null>(null)
const panels = [
  { id: 'shelf', label: 'On the shelf' }, { id: 'made', label: 'Made ahead' }, { id: 'sprayers', label: 'Sprayers' }, { id: 'measures', label: 'Measures' }, { id: 'shopping', label: 'To buy' },
]
const panel = computed(() => panels.find((one) => one.id === route.query.show)?.id ?? 'shelf')

async function load(): Promise<void> {
  pantry.value = await latest(take(api.GET('/api/gardens/{garden}/pantry', { params: { path: { garden: store.id } } })))
}
watch(() => store.undone, () => void load(), { immediate: true })

/** What needs a look stands first. */
const worst = (product: Product) => (product.findings.some((finding) => finding.severity === 'caution') ? 0 : product.findings.length ? 1 : 2)
const products = computed(() => [...(pantry.value?.products ?? [])].sort((a, b) => worst(a) - worst(b)))
const toLookAt = computed(() => products.value.filter((product) => product.findings.length > 0).length)

function open(product: Product | null): void {
  chosen.value = product
  editing.value = true
}
async function reload(): Promise<void> {
  await Promise.all([load(), store.refresh()])
}
</script>

<template>
  <div class="pantry">
    <page-head title="Pantry" :under="panel === 'shelf' && toLookAt ? `${toLookAt} of ${products.length} bottles want a look.` : undefined">
      <n-button v-if="panel === 'shelf'" @click="router.push({ name: 'bottle' })">Read a label</n-button>
      <n-button v-if="panel === 'shelf'" type="primary" @click="open(null)">Add a bottle</n-button>
    </page-head>
    <div class="panels" role="group" aria-label="What to show">
      <button v-for="one in panels" :key="one.id" type="button" :aria-pressed="panel === one.id" @click="router.replace({ query: one.id === 'shelf' ? {} : { show: one.id } })">{{ one.label }}</button>
    </div>
    <loading-note v-if="!pantry" what="Opening the cupboard" />
    <template v-else>
      <div v-if="panel === 'shelf'" class="shelf">
        <bottle-card v-for="product in products" :key="product.id" :product="product" :currency="pantry.currency" @open="open(product)" />
        <empty-note v-if="products.length === 0" title="The shelf is empty">
          Put in what is in your cupboard: the strength on the label, how much is left, what it cost. Recipes are then worked out from your bottles.
          <template #actions><n-button type="primary" @click="open(null)">Add a bottle</n-button></template>
        </empty-note>
      </div>
      <made-panel v-else-if="panel === 'made'" />
      <sprayers-panel v-else-if="panel === 'sprayers'" :sprayers="pantry.sprayers" :reload="reload" />
      <measures-panel v-else-if="panel === 'measures'" :pantry="pantry" :reload="reload" />
      <shopping-panel v-else />
    </template>
    <product-dialog v-model:shown="editing" :product="chosen" :currency="pantry?.currency ?? ''" :reload="reload" />
  </div>
</template>

<style scoped>
.pantry { padding: 22px 26px 48px; display: grid; gap: 18px; grid-template-columns: minmax(0, 1fr); }
.panels { display: flex; flex-wrap: wrap; gap: 8px; }
.panels button { min-height: 44px; padding: 6px 16px; border: 1px solid var(--line); border-radius: 8px; background: var(--paper); cursor: pointer; }
.panels button[aria-pressed='true'] { background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; padding: 5px 15px; }
.shelf { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr)); gap: 12px; align-items: stretch; }
@media (max-width: 760px) { .pantry { padding: 16px 16px 32px; } }
@media print { .panels, .pantry :deep(.side) { display: none; } }
</style>
