<script setup lang="ts">
import { t } from '@/i18n'
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
import { useLatest } from '@/composables/useLatest'
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
  { id: 'shelf', label: t('pantry.pantry-view.shelf') },
  { id: 'made', label: t('pantry.pantry-view.made-ahead') },
  { id: 'sprayers', label: t('pantry.pantry-view.sprayers') },
  { id: 'measures', label: t('pantry.pantry-view.measures') },
  { id: 'shopping', label: t('pantry.pantry-view.buy') },
]
const panel = computed(() => panels.find((one) => one.id === route.query.show)?.id ?? 'shelf')

async function load(): Promise<void> {
  pantry.value = await latest(take(api.GET('/api/gardens/{garden}/pantry', { params: { path: { garden: store.id } } })))
}
watch(
  () => store.undone,
  () => load().then(openNamed),
  { immediate: true },
)
watch(() => route.query.product, openNamed)

/** One that was looked for elsewhere is opened. */
function openNamed(): void {
  const named = pantry.value?.products.find((one) => one.id === route.query.product)
  if (named && chosen.value?.id !== named.id) open(named)
}

/** What needs a look stands first. */
const worst = (product: Product) =>
  product.findings.some((finding) => finding.severity === 'caution') ? 0 : product.findings.length ? 1 : 2
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
    <loading-note v-if="!pantry" :what="t('pantry.pantry-view.opening-cupboard')" />
    <template v-else>
      <page-head
        :title="t('pantry.pantry-view.pantry')"
        :under="
          panel === 'shelf' && toLookAt ? t('pantry.pantry-view.bottles-want-look', { toLookAt, products: products.length }) : undefined
        "
      >
        <n-button v-if="panel === 'shelf'" @click="router.push({ name: 'bottle' })">{{ t('pantry.pantry-view.read-label') }}</n-button>
        <n-button v-if="panel === 'shelf'" type="primary" @click="open(null)">{{ t('pantry.pantry-view.add-bottle') }}</n-button>
      </page-head>
      <div class="panels" role="group" :aria-label="t('pantry.pantry-view.what-show')">
        <button
          v-for="one in panels"
          :key="one.id"
          type="button"
          :aria-pressed="panel === one.id"
          @click="router.replace({ query: one.id === 'shelf' ? {} : { show: one.id } })"
        >
          {{ one.label }}
        </button>
      </div>
      <div v-if="panel === 'shelf'" class="shelf">
        <bottle-card v-for="product in products" :key="product.id" :product="product" :currency="pantry.currency" @open="open(product)" />
        <empty-note v-if="products.length === 0" :title="t('pantry.pantry-view.shelf-empty')">
          {{ t('pantry.pantry-view.put-what-cupboard') }}
          <template #actions>
            <n-button type="primary" @click="open(null)">{{ t('pantry.pantry-view.add-bottle') }}</n-button>
          </template>
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
.pantry {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 1fr);
}
.panels { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.panels button {
  min-height: var(--finger); padding: var(--space-3) var(--space-7); border: 1px solid var(--line); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer;
}
.panels button[aria-pressed='true'] {
  background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; padding: var(--space-2) var(--space-7);
}
.shelf {
  display: grid; grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr)); gap: var(--space-6); align-items: stretch;
}
@media (max-width: 760px) { .pantry { padding: var(--space-7) var(--space-7) var(--space-10); } }
@media print { .panels, .pantry :deep(.side) { display: none; } }
</style>
