<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FirstAid from '@/parts/FirstAid.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import FindingList from '@/parts/FindingList.vue'
import { api, take, type Product } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** A bottle put on the shelf, changed, or taken off. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{
  product: Product | null
  currency: string
  reload: () => Promise<unknown>
  preset?: { ingredient: string; strength: string; note: string } | null
}>()

const store = useGarden()
const { values: form, version, errors, busy, notes, attempt, finish } = useForm(shown, {
  reload: () => props.reload(),
  kept: () => `bottle.${props.product?.id ?? 'new'}`,
  blank: () => ({
    name: '',
    ingredient: '',
    own: '' as '' | 'liquid' | 'solid',
    strength: '',
    size: '',
    left: '',
    price: '',
    density: '',
    opened_on: '',
    best_before: '',
    note: '',
  }),
  from: () => {
    const one = props.product
    if (!one) return props.preset ?? {}
    const text = (value: number | null) => (value === null ? '' : String(value))
    return {
      name: one.name,
      ingredient: one.kind,
      own: ({ other: 'liquid', 'other-solid': 'solid' } as const)[one.ingredient as 'other'] ?? '',
      strength: one.strength ?? '',
      size: one.size_typed ?? '',
      left: one.left_typed ?? '',
      price: text(one.price),
      density: text(one.density),
      opened_on: one.opened_on ?? '',
      best_before: one.best_before ?? '',
      note: one.note ?? '',
    }
  },
  version: () => props.product?.version ?? 0,
})
const known = computed(() =>
  store.knowledge.ingredients.find((one) => one.id === form.ingredient || one.name.toLowerCase() === form.ingredient.trim().toLowerCase()),
)

const save = () =>
  attempt(async () => {
    const body = { ...form, own: form.own || undefined, opened_on: form.opened_on || null, best_before: form.best_before || null }
    const path = { garden: store.id }
    const saved = props.product
      ? await take(
          api.PUT('/api/gardens/{garden}/products/{product}', {
            params: { path: { ...path, product: props.product.id } },
            body: { ...body, version: version.value },
          }),
        )
      : await take(api.POST('/api/gardens/{garden}/products', { params: { path }, body }))
    await finish(saved.change)
  })
/** A thing of one's own that no list knows is kept by its name. */
const keep = (as: 'liquid' | 'solid') => {
  form.own = as
  return save()
}
const drop = () =>
  attempt(async () => {
    const change = await take(
      api.DELETE('/api/gardens/{garden}/products/{product}', { params: { path: { garden: store.id, product: props.product!.id } } }),
    )
    await finish(change)
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="product?.name ?? t('pantry.product-dialog.add-bottle')" :width="640">
    <finding-list v-if="product && product.findings.length" :findings="product.findings" open />
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <app-field id="b-what" v-slot="field" :label="t('pantry.product-dialog.what')" :error="errors.ingredient">
          <input
            v-bind="field"
            v-model="form.ingredient"
            list="b-all"
            :placeholder="t('pantry.product-dialog.hydrogen-peroxide-castile')"
          />
          <datalist id="b-all"><option v-for="one in store.knowledge.ingredients" :key="one.id" :value="one.name" /></datalist>
          <div v-if="errors.ingredient && form.ingredient.trim()" class="actions">
            <n-button size="small" @click="keep('liquid')">{{ t('pantry.product-dialog.keep-liquid') }}</n-button>
            <n-button size="small" @click="keep('solid')">{{ t('pantry.product-dialog.keep-solid') }}</n-button>
          </div>
          <p v-else-if="form.own" class="soft small">
            {{
              form.own === 'liquid' ? t('pantry.product-dialog.own-liquid') : t('pantry.product-dialog.own-solid')
            }}
          </p>
        </app-field>
        <app-field id="b-strength" v-slot="field" :label="t('pantry.product-dialog.strength-label')" :error="errors.strength">
          <input
            v-bind="field"
            v-model="form.strength"
            :placeholder="known?.strength ? t('pantry.product-dialog.usually', { strength: known.strength }) : '3 %, 10 volumes, 500 mg'"
          />
        </app-field>
        <app-field id="b-name" v-slot="field" :label="t('pantry.product-dialog.called')" :error="errors.name">
          <input v-bind="field" v-model="form.name" :placeholder="t('pantry.product-dialog.as-its-content')" />
        </app-field>
        <app-field
          id="b-price"
          v-slot="field"
          :label="currency ? t('pantry.product-dialog.price-in', { currency }) : t('pantry.product-dialog.price-full-one')"
          :error="errors.price"
        >
          <input v-bind="field" v-model="form.price" inputmode="decimal" />
        </app-field>
        <app-field id="b-size" v-slot="field" :label="t('pantry.product-dialog.holds-when-full')" :error="errors.size">
          <input v-bind="field" v-model="form.size" :placeholder="t('pantry.product-dialog.500-ml-1')" />
        </app-field>
        <app-field id="b-left" v-slot="field" :label="t('pantry.product-dialog.left')" :error="errors.left">
          <input v-bind="field" v-model="form.left" :placeholder="t('pantry.product-dialog.full')" />
        </app-field>
        <app-field id="b-opened" v-slot="field" :label="t('pantry.product-dialog.opened')" :error="errors.opened_on">
          <input v-bind="field" v-model="form.opened_on" type="date" />
        </app-field>
        <app-field id="b-best" v-slot="field" :label="t('pantry.product-dialog.best-before')" :error="errors.best_before">
          <input v-bind="field" v-model="form.best_before" type="date" />
        </app-field>
        <app-field id="b-density" v-slot="field" :label="t('pantry.product-dialog.weight-ml-g')" :error="errors.density">
          <input v-bind="field" v-model="form.density" inputmode="decimal" :placeholder="t('pantry.product-dialog.as-usual')" />
        </app-field>
        <app-field id="b-note" v-slot="field" :label="t('pantry.product-dialog.note')">
          <input v-bind="field" v-model="form.note" />
        </app-field>
      </div>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">
          {{
            product ? t('pantry.product-dialog.save') : t('pantry.product-dialog.put-shelf')
          }}
        </n-button>
        <n-button v-if="product" @click="drop">{{ t('pantry.product-dialog.take-off-shelf') }}</n-button>
        <n-button @click="shown = false">{{ t('pantry.product-dialog.not-now') }}</n-button>
        <first-aid v-if="product" />
      </div>
    </form>
  </app-dialog>
</template>
