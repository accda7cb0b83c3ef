<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type TroubleBrief } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { NButton } from 'naive-ui'

/** Saying what it is after all, or that it is over. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ brief: TroubleBrief }>()
const emit = defineEmits<{ done: [] }>()

const store = useGarden()
const { values: form, version, errors, busy, notes, attempt, done } = useForm(shown, {
  reload: () => emit('done'),
  kept: () => `close.${props.brief.id}`,
  blank: () => ({ target: props.brief.target ?? '', outcome: '' }),
  version: () => props.brief.version,
})

const change = (closing: boolean) =>
  attempt(async () => {
    const body = {
      version: version.value,
      target: form.target || null,
      ...(closing ? { status: 'closed' as const, outcome: form.outcome } : {}),
    }
    const changed = await take(
      api.PATCH('/api/gardens/{garden}/troubles/{trouble}', { params: { path: { garden: store.id, trouble: props.brief.id } }, body }),
    )
    shown.value = false
    done(changed)
    emit('done')
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('trouble.close-dialog.close-correct-what')">
    <form class="form-grid" @submit.prevent="change(true)">
      <app-field id="x-target" v-slot="field" :label="t('trouble.close-dialog.was')">
        <select v-bind="field" v-model="form.target">
          <option value="">{{ t('trouble.close-dialog.never-known') }}</option>
          <option v-for="one in store.knowledge.targets" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </app-field>
      <app-field id="x-outcome" v-slot="field" :label="t('trouble.close-dialog.how-ended')">
        <input v-bind="field" v-model="form.outcome" :placeholder="t('trouble.close-dialog.two-clean-looks')" />
      </app-field>
      <p v-for="message in errors" :key="message" class="field-error">{{ message }}</p>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('trouble.close-dialog.over-close') }}</n-button>
        <n-button :disabled="busy || form.target === (brief.target ?? '')" @click="change(false)">
          {{
            t('trouble.close-dialog.only-correct-what')
          }}
        </n-button>
        <n-button @click="shown = false">{{ t('trouble.close-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
