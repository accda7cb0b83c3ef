<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { useTimes } from '@/stores/times'
import { NButton } from 'naive-ui'
import { computed, reactive, watch } from 'vue'

/** What the rain gauge held, and when. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const times = useTimes()
const { errors, busy, attempt, done } = useSaving()
const inches = computed(() => store.garden?.units === 'us')
const form = reactive({ mm: '', began: '', hours: 2 })
watch(shown, (now) => { if (now) Object.assign(form, { mm: '', began: times.nowField(), hours: 2 }); errors.value = {} })

const save = () => attempt(async () => {
  const change = await take(api.POST('/api/gardens/{garden}/rain', { params: { path: { garden: store.id } }, body: { mm: inches.value && /\d$/.test(form.mm.trim()) ? `${form.mm} in` : form.mm, began_at: form.began, hours: form.hours } }))
  shown.value = false
  done(change)
  emit('changed')
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('today.rain-dialog.rained')" :width="460">
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="rain-mm">{{ t('today.rain-dialog.gauge', { Millimetres: inches ? t('today.rain-dialog.inches') : t('today.rain-dialog.millimetres') }) }}</label>
          <input id="rain-mm" v-model="form.mm" class="native" inputmode="decimal" autocomplete="off" :placeholder="inches ? '0.2' : '4.5'" :aria-invalid="errors.mm ? 'true' : undefined">
          <p v-if="errors.mm" class="field-error">{{ errors.mm }}</p>
        </div>
        <div class="field">
          <label for="rain-hours">{{ t('today.rain-dialog.how-many-hours') }}</label>
          <input id="rain-hours" v-model.number="form.hours" class="native" type="number" min="1" max="72" :aria-invalid="errors.hours ? 'true' : undefined">
          <p v-if="errors.hours" class="field-error">{{ errors.hours }}</p>
        </div>
      </div>
      <div class="field">
        <label for="rain-began">{{ t('today.rain-dialog.began') }}</label>
        <input id="rain-began" v-model="form.began" class="native" type="datetime-local" :aria-invalid="errors.began_at ? 'true' : undefined">
        <p v-if="errors.began_at" class="field-error">{{ errors.began_at }}</p>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('today.rain-dialog.write-down') }}</n-button>
        <n-button @click="shown = false">{{ t('today.rain-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
