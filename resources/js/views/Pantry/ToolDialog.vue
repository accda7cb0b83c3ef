<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Tool } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { computed, reactive, watch } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ tool: Tool | null; reload: () => Promise<unknown> }>()

const store = useGarden()
const { errors, busy, attempt, done, close } = useSaving()
const form = reactive({ name: '', kind: 'spoon' as Tool['kind'], size: '', step: '' })
const hasMarks = computed(() => form.kind === 'graduated' || form.kind === 'scale')

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  Object.assign(form, { name: props.tool?.name ?? '', kind: props.tool?.kind ?? 'spoon', size: props.tool?.size ?? '', step: props.tool?.step ?? '' })
})
const save = () => attempt(async () => {
  const path = { garden: store.id }
  const saved = props.tool
    ? await take(api.PUT('/api/gardens/{garden}/tools/{tool}', { params: { path: { ...path, tool: props.tool.id } }, body: { ...form, version: props.tool.version } }))
    : await take(api.POST('/api/gardens/{garden}/tools', { params: { path }, body: { ...form } }))
  done(saved.change)
  await close(shown, props.reload)
})
const drop = () => attempt(async () => {
  const change = await take(api.DELETE('/api/gardens/{garden}/tools/{tool}', { params: { path: { garden: store.id, tool: props.tool!.id } } }))
  done(change)
  await close(shown, props.reload)
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="tool?.name ?? t('pantry.tool-dialog.what-do-measure')" :width="520">
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="t-kind">{{ t('pantry.tool-dialog.kind') }}</label>
          <select id="t-kind" v-model="form.kind" class="native">
            <option value="spoon">{{ t('pantry.tool-dialog.spoon-cup') }}</option>
            <option value="graduated">{{ t('pantry.tool-dialog.something-marks-syringe') }}</option>
            <option value="scale">{{ t('pantry.tool-dialog.scale') }}</option>
            <option value="dropper">{{ t('pantry.tool-dialog.dropper') }}</option>
          </select>
        </div>
        <div class="field"><label for="t-name">{{ t('pantry.tool-dialog.called') }}</label><input id="t-name" v-model="form.name" class="native" autocomplete="off" :placeholder="t('pantry.tool-dialog.teaspoon')" :aria-invalid="errors.name ? 'true' : undefined"><p v-if="errors.name" class="field-error">{{ errors.name }}</p></div>
        <div v-if="form.kind !== 'dropper'" class="field">
          <label for="t-size">{{ form.kind === 'scale' ? t('pantry.tool-dialog.bears') : t('pantry.tool-dialog.holds') }}</label>
          <input id="t-size" v-model="form.size" class="native" autocomplete="off" :placeholder="form.kind === 'scale' ? '5 kg' : '15 mL'" :aria-invalid="errors.size ? 'true' : undefined">
          <p v-if="errors.size" class="field-error">{{ errors.size }}</p>
        </div>
        <div v-if="hasMarks" class="field">
          <label for="t-step">{{ t('pantry.tool-dialog.smallest-step') }}</label>
          <input id="t-step" v-model="form.step" class="native" autocomplete="off" :placeholder="form.kind === 'scale' ? '1 g' : '0.5 mL'" :aria-invalid="errors.step ? 'true' : undefined">
          <p v-if="errors.step" class="field-error">{{ errors.step }}</p>
        </div>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ tool ? t('pantry.tool-dialog.save') : t('pantry.tool-dialog.add') }}</n-button>
        <n-button v-if="tool" @click="drop">{{ t('pantry.tool-dialog.take-out') }}</n-button>
        <n-button @click="shown = false">{{ t('pantry.tool-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
