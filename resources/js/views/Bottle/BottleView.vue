<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import ProductDialog from '@/views/Pantry/ProductDialog.vue'
import FindingList from '@/parts/FindingList.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useReadAsTyped } from '@/composables/useReadAsTyped'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'

/** The label reader: is it soap, and what is all the rest. */
const store = useGarden()
const router = useRouter()
/** Kept on this device until it is cleared. */
const text = useLocalStorage('nebbia.bottle', '')
const { reading, error, read, pieces } = useReadAsTyped<Schemas['LabelReading'], Schemas['LabelPart']>(
  text,
  (asked) => take(api.POST('/api/bottle', { body: { text: asked } })),
  (answer) => answer.parts,
)
const saving = ref(false)
const EXAMPLE = t('bottle.bottle-view.aqua-potassium-oleate')

onMounted(() => read())

/** Three kinds of mark: what decides, what is worth a look, the rest. Each is a word too. */
const weight: Record<string, string> = {
  soap: 'soap',
  detergent: 'detergent',
  surfactant: 'detergent',
  biocide: 'look',
  oxidiser: 'look',
  solvent: 'look',
  alkali: 'look',
  unknown: 'unknown',
}
const partsOf = (kind: string) =>
  [
    ...new Set(
      (reading.value?.parts ?? [])
        .filter((part) => part.class === kind)
        .map(
          (part) =>
            part.text.replace(/\s+/g, ' ') +
            (part.share ? ` (${part.share})` : '') +
            (part.guessed ? t('bottle.bottle-view.read-as', { name: part.name }) : ''),
        ),
    ),
  ].join(', ')
/** The verdict is said above; here is what there is to think about besides. */
const warnings = computed(() =>
  (reading.value?.findings ?? []).filter(
    (one) => ![`bottle.finding.${reading.value?.verdict}`, 'bottle.finding.known'].includes(one.ground),
  ),
)
const preset = computed(() =>
  reading.value?.ingredient
    ? {
        ingredient: reading.value.ingredient_name ?? reading.value.ingredient,
        strength: reading.value.strength ?? '',
        note: t('bottle.bottle-view.label', { trim: text.value.replace(/\s+/g, ' ').trim() }).slice(0, 500),
      }
    : null,
)
</script>

<template>
  <div class="bottle">
    <page-head :title="t('bottle.bottle-view.label-reader')" :under="t('bottle.bottle-view.paste-type-what')" />
    <div class="sides">
      <div class="left">
        <app-field v-slot="field" :label="t('bottle.bottle-view.list-contents')" :error="error">
          <textarea v-bind="field" v-model="text" rows="5" :placeholder="t('bottle.bottle-view.aqua-sodium-laureth')" />
        </app-field>
        <div class="actions">
          <n-button v-if="!text" size="small" @click="text = EXAMPLE">{{ t('bottle.bottle-view.show-me-one') }}</n-button>
          <n-button v-else size="small" @click="text = ''">{{ t('bottle.bottle-view.clear') }}</n-button>
        </div>
        <p v-if="reading && text" class="marked" :aria-label="t('bottle.bottle-view.text-what-was')">
          <template v-for="(piece, n) in pieces" :key="n">
            <mark v-if="piece.place" :class="weight[piece.place.class] ?? 'plain'" :title="piece.place.class_name">{{ piece.text }}</mark><template v-else>{{ piece.text }}</template>
          </template>
        </p>
        <p v-if="reading && text" class="soft small">{{ t('bottle.bottle-view.thick-line-soap') }}</p>
      </div>
      <div class="right" aria-live="polite">
        <template v-if="reading">
          <section class="verdict" :class="reading.known ? 'known' : reading.verdict" aria-labelledby="verdict">
            <h2 id="verdict">{{ reading.said }}</h2>
            <p>{{ reading.known ? reading.advice : `${reading.because} ${reading.advice}` }}</p>
            <p v-if="reading.soap">
              {{ t('bottle.bottle-view.soap') }} <strong>{{ reading.soap }}</strong>
            </p>
            <div v-if="preset" class="actions">
              <n-button type="primary" size="small" @click="saving = true">{{ t('bottle.bottle-view.keep-pantry') }}</n-button>
              <span class="soft small">{{ t('bottle.bottle-view.as', { thing: preset.ingredient.toLowerCase() })
              }}<template v-if="preset.strength">, {{ preset.strength }}</template></span>
            </div>
          </section>
          <finding-list
            v-if="warnings.length"
            :findings="warnings"
            :grounds="false"
            open
          />
        </template>
        <p v-else class="soft">{{ t('bottle.bottle-view.soap-detergent-look') }}</p>
      </div>
    </div>
    <section v-if="reading" aria-labelledby="means">
      <h2 id="means">{{ t('bottle.bottle-view.what-what-means') }}</h2>
      <div class="kinds">
        <article v-for="kind in reading.classes" :key="kind.class">
          <h3>{{ kind.name }}</h3>
          <p class="parts">{{ partsOf(kind.class) }}</p>
          <dl v-if="kind.class !== 'water'">
            <dt>{{ t('bottle.bottle-view.leaves') }}</dt>
            <dd>{{ kind.leaves }}</dd>
            <dt>{{ t('bottle.bottle-view.bees') }}</dt>
            <dd>{{ kind.bees }}</dd>
            <dt>{{ t('bottle.bottle-view.soil') }}</dt>
            <dd>{{ kind.soil }}</dd>
            <dt>{{ t('bottle.bottle-view.pond') }}</dt>
            <dd>{{ kind.pond }}</dd>
          </dl>
        </article>
      </div>
    </section>
    <product-dialog
      v-model:shown="saving"
      :product="null"
      :preset="preset"
      currency=""
      :reload="() => store.refresh().then(() => router.push({ name: 'pantry' }))"
    />
  </div>
</template>

<style scoped>
.bottle {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-8); grid-template-columns: minmax(0, 1fr);
}
.sides {
  display: grid; gap: var(--space-8) var(--space-9); grid-template-columns: repeat(auto-fit, minmax(min(340px, 100%), 1fr)); align-items:
  start;
}
.left, .right { display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
.marked {
  font-size: var(--text-l); line-height: 1.9; white-space: pre-wrap; overflow-wrap: anywhere; background: var(--paper); border-radius:
  var(--radius-m); padding: var(--space-5) var(--space-6);
}
mark { background: none; color: var(--ink); border-radius: var(--radius-s); padding: 1px var(--space-1); }
mark.soap { background: var(--leaf-wash); border-bottom: 4px solid var(--leaf); }
mark.detergent { background: var(--brass-wash); border-bottom: 5px double var(--brass); }
mark.look { border-bottom: 2px solid var(--brass); }
mark.unknown { border-bottom: 2px dotted var(--soft); }
mark.plain { background: var(--mist); }
.verdict {
  border-radius: var(--radius-l); border-left: 7px solid var(--soft); background: var(--mist); padding: var(--space-6) var(--space-7);
  display: grid; gap: var(--space-4);
}
.verdict.soap { border-color: var(--leaf); background: var(--leaf-wash); }
.verdict.known { border-color: var(--leaf); }
.verdict.detergent, .verdict.mixed { border-color: var(--brass); background: var(--brass-wash); }
.verdict .actions { align-items: center; }
.kinds {
  display: grid; grid-template-columns: repeat(auto-fill, minmax(min(270px, 100%), 1fr)); gap: var(--space-6); margin-top: var(--space-5);
}
article { background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-5) var(--space-6); }
article h3::first-letter { text-transform: uppercase; }
.parts { font-weight: 600; overflow-wrap: anywhere; }
dl { display: grid; grid-template-columns: 60px minmax(0, 1fr); gap: var(--space-1) var(--space-4); margin: var(--space-4) 0 0; }
dt { color: var(--soft); }
dd { margin: 0; }
@media (max-width: 760px) { .bottle { padding: var(--space-7) var(--space-7) var(--space-10); } }
</style>
