<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** What the rain gauge held, and when. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const times = useTimes()
const { values: form, errors, busy, notes, attempt, done } = useForm(shown, { reload: () => emit('changed'), kept: () => 'rain', blank: () => ({ mm: '', began: times.nowField(), hours: 2 }) })
const inches = computed(() => store.garden?.units === 'us')

const save = () =>
  attempt(async () => {
    const change = await take(
      api.POST('/api/gardens/{garden}/rain', {
        params: { path: { garden: store.id } },
        body: { mm: inches.value && /\d$/.test(form.mm.trim()) ? `${form.mm} in` : form.mm, began_at: form.began, hours: form.hours },
      }),
    )
    shown.value = false
    done(change)
    emit('changed')
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('today.rain-dialog.rained')" :width="460">
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <app-field
          id="rain-mm"
          v-slot="field"
          :label="
            t('today.rain-dialog.gauge', { Millimetres: inches ? t('today.rain-dialog.inches') : t('today.rain-dialog.millimetres') })
          "
          :error="errors.mm"
        >
          <input v-bind="field" v-model="form.mm" inputmode="decimal" :placeholder="inches ? '0.2' : '4.5'" />
        </app-field>
        <app-field id="rain-hours" v-slot="field" :label="t('today.rain-dialog.how-many-hours')" :error="errors.hours">
          <input v-bind="field" v-model.number="form.hours" type="number" min="1" max="72" />
        </app-field>
      </div>
      <app-field id="rain-began" v-slot="field" :label="t('today.rain-dialog.began')" :error="errors.began_at">
        <input v-bind="field" v-model="form.began" type="datetime-local" />
      </app-field>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('today.rain-dialog.write-down') }}</n-button>
        <n-button @click="shown = false">{{ t('today.rain-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
