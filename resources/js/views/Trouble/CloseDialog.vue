<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type TroubleBrief } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { reactive, watch } from 'vue'

/** Saying what it is after all, or that it is over. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ brief: TroubleBrief }>()
const emit = defineEmits<{ done: [] }>()

const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const form = reactive({ target: '', outcome: '' })
watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  Object.assign(form, { target: props.brief.target ?? '', outcome: '' })
})

const change = (closing: boolean) => attempt(async () => {
  const body = { version: props.brief.version, target: form.target || null, ...(closing ? { status: 'closed' as const, outcome: form.outcome } : {}) }
  const changed = await take(api.PATCH('/api/gardens/{garden}/troubles/{trouble}', { params: { path: { garden: store.id, trouble: props.brief.id } }, body }))
  shown.value = false
  done(changed)
  emit('done')
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('trouble.close-dialog.close-correct-what')">
    <form class="form-grid" @submit.prevent="change(true)">
      <div class="field">
        <label for="x-target">{{ t('trouble.close-dialog.was') }}</label>
        <select id="x-target" v-model="form.target" class="native">
          <option value="">{{ t('trouble.close-dialog.never-known') }}</option>
          <option v-for="one in store.knowledge.targets" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </div>
      <div class="field"><label for="x-outcome">{{ t('trouble.close-dialog.how-ended') }}</label><input id="x-outcome" v-model="form.outcome" class="native" autocomplete="off" :placeholder="t('trouble.close-dialog.two-clean-looks')"></div>
      <p v-for="message in errors" :key="message" class="field-error">{{ message }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('trouble.close-dialog.over-close') }}</n-button>
        <n-button :disabled="busy || form.target === (brief.target ?? '')" @click="change(false)">{{ t('trouble.close-dialog.only-correct-what') }}</n-button>
        <n-button @click="shown = false">{{ t('trouble.close-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
