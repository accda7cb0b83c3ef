<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import FindingList from '@/parts/FindingList.vue'
import { api, take, type Product } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { computed, reactive, watch } from 'vue'

/** A bottle put on the shelf, changed, or taken off. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ product: Product | null; currency: string; reload: () => Promise<unknown>; preset?: { ingredient: string; strength: string; note: string } | null }>()

const store = useGarden()
const { errors, busy, attempt, done, close } = useSaving()
const blank = { name: '', ingredient: '', strength: '', size: '', left: '', price: '', density: '', opened_on: '', best_before: '', note: '' }
const form = reactive({ ...blank })
const known = computed(() => store.knowledge.ingredients.find((one) => one.id === form.ingredient || one.name.toLowerCase() === form.ingredient.trim().toLowerCase()))

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  const one = props.product
  Object.assign(form, blank, props.preset ?? {})
  if (one) {
    const text = (value: number | null) => (value === null ? '' : String(value))
    const unit = one.is_liquid ? 'mL' : 'g'
    Object.assign(form, {
      name: one.name, ingredient: one.kind, strength: one.strength ?? '', size: one.size_words?.includes('tablets') ? one.size_words : one.size === null ? '' : `${round(one.size)} ${unit}`,
      left: one.left_words?.includes('tablets') ? one.left_words : one.left === null ? '' : `${round(one.left)} ${unit}`, price: text(one.price), density: text(one.density),
      opened_on: one.opened_on ?? '', best_before: one.best_before ?? '', note: one.note ?? '',
    })
  }
})
const round = (value: number) => Number(value.toFixed(2))

const save = () => attempt(async () => {
  const body = { ...form, opened_on: form.opened_on || null, best_before: form.best_before || null }
  const path = { garden: store.id }
  const saved = props.product
    ? await take(api.PUT('/api/gardens/{garden}/products/{product}', { params: { path: { ...path, product: props.product.id } }, body: { ...body, version: props.product.version } }))
    : await take(api.POST('/api/gardens/{garden}/products', { params: { path }, body }))
  done(saved.change)
  await close(shown, props.reload)
})
const drop = () => attempt(async () => {
  const change = await take(api.DELETE('/api/gardens/{garden}/products/{product}', { params: { path: { garden: store.id, product: props.product!.id } } }))
  done(change)
  await close(shown, props.reload)
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="product?.name ?? t('pantry.product-dialog.add-bottle')" :width="640">
    <finding-list v-if="product && product.findings.length" :findings="product.findings" open />
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="b-what">{{ t('pantry.product-dialog.what') }}</label>
          <input id="b-what" v-model="form.ingredient" class="native" list="b-all" autocomplete="off" :placeholder="t('pantry.product-dialog.hydrogen-peroxide-castile')" :aria-invalid="errors.ingredient ? 'true' : undefined">
          <datalist id="b-all"><option v-for="one in store.knowledge.ingredients" :key="one.id" :value="one.name" /></datalist>
          <p v-if="errors.ingredient" class="field-error">{{ errors.ingredient }}</p>
        </div>
        <div class="field">
          <label for="b-strength">{{ t('pantry.product-dialog.strength-label') }}</label>
          <input id="b-strength" v-model="form.strength" class="native" autocomplete="off" :placeholder="known?.strength ? t('pantry.product-dialog.usually', { strength: known.strength }) : '3 %, 10 volumes, 500 mg'" :aria-invalid="errors.strength ? 'true' : undefined">
          <p v-if="errors.strength" class="field-error">{{ errors.strength }}</p>
        </div>
        <div class="field"><label for="b-name">{{ t('pantry.product-dialog.called') }}</label><input id="b-name" v-model="form.name" class="native" autocomplete="off" :placeholder="t('pantry.product-dialog.as-its-content')"><p v-if="errors.name" class="field-error">{{ errors.name }}</p></div>
        <div class="field">
          <label for="b-price">{{ t('pantry.product-dialog.price-full-one') }}<template v-if="currency">, {{ currency }}</template></label>
          <input id="b-price" v-model="form.price" class="native" inputmode="decimal" autocomplete="off" :aria-invalid="errors.price ? 'true' : undefined">
          <p v-if="errors.price" class="field-error">{{ errors.price }}</p>
        </div>
        <div class="field">
          <label for="b-size">{{ t('pantry.product-dialog.holds-when-full') }}</label>
          <input id="b-size" v-model="form.size" class="native" autocomplete="off" :placeholder="t('pantry.product-dialog.500-ml-1')" :aria-invalid="errors.size ? 'true' : undefined">
          <p v-if="errors.size" class="field-error">{{ errors.size }}</p>
        </div>
        <div class="field">
          <label for="b-left">{{ t('pantry.product-dialog.left') }}</label>
          <input id="b-left" v-model="form.left" class="native" autocomplete="off" :placeholder="t('pantry.product-dialog.full')" :aria-invalid="errors.left ? 'true' : undefined">
          <p v-if="errors.left" class="field-error">{{ errors.left }}</p>
        </div>
        <div class="field"><label for="b-opened">{{ t('pantry.product-dialog.opened') }}</label><input id="b-opened" v-model="form.opened_on" class="native" type="date"><p v-if="errors.opened_on" class="field-error">{{ errors.opened_on }}</p></div>
        <div class="field"><label for="b-best">{{ t('pantry.product-dialog.best-before') }}</label><input id="b-best" v-model="form.best_before" class="native" type="date"><p v-if="errors.best_before" class="field-error">{{ errors.best_before }}</p></div>
        <div class="field">
          <label for="b-density">{{ t('pantry.product-dialog.weight-ml-g') }}</label>
          <input id="b-density" v-model="form.density" class="native" inputmode="decimal" autocomplete="off" :placeholder="t('pantry.product-dialog.as-usual')" :aria-invalid="errors.density ? 'true' : undefined">
          <p v-if="errors.density" class="field-error">{{ errors.density }}</p>
        </div>
        <div class="field"><label for="b-note">{{ t('pantry.product-dialog.note') }}</label><input id="b-note" v-model="form.note" class="native" autocomplete="off"></div>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ product ? t('pantry.product-dialog.save') : t('pantry.product-dialog.put-shelf') }}</n-button>
        <n-button v-if="product" @click="drop">{{ t('pantry.product-dialog.take-off-shelf') }}</n-button>
        <n-button @click="shown = false">{{ t('pantry.product-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
