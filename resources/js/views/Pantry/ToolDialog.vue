<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Tool } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ tool: Tool | null; reload: () => Promise<unknown> }>()

const store = useGarden()
const { values: form, version, errors, busy, notes, attempt, finish } = useForm(shown, {
  reload: () => props.reload(),
  kept: () => `tool.${props.tool?.id ?? 'new'}`,
  blank: () => ({ name: '', kind: 'spoon' as Tool['kind'], size: '', step: '' }),
  from: () =>
    props.tool ? { name: props.tool.name, kind: props.tool.kind, size: props.tool.size ?? '', step: props.tool.step ?? '' } : {},
  version: () => props.tool?.version ?? 0,
})
const hasMarks = computed(() => form.kind === 'graduated' || form.kind === 'scale')
const save = () =>
  attempt(async () => {
    const path = { garden: store.id }
    const saved = props.tool
      ? await take(
          api.PUT('/api/gardens/{garden}/tools/{tool}', {
            params: { path: { ...path, tool: props.tool.id } },
            body: { ...form, version: version.value },
          }),
        )
      : await take(api.POST('/api/gardens/{garden}/tools', { params: { path }, body: { ...form } }))
    await finish(saved.change)
  })
const drop = () =>
  attempt(async () => {
    const change = await take(
      api.DELETE('/api/gardens/{garden}/tools/{tool}', { params: { path: { garden: store.id, tool: props.tool!.id } } }),
    )
    await finish(change)
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="tool?.name ?? t('pantry.tool-dialog.what-do-measure')" :width="520">
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <app-field id="t-kind" v-slot="field" :label="t('pantry.tool-dialog.kind')">
          <select v-bind="field" v-model="form.kind">
            <option value="spoon">{{ t('pantry.tool-dialog.spoon-cup') }}</option>
            <option value="graduated">{{ t('pantry.tool-dialog.something-marks-syringe') }}</option>
            <option value="scale">{{ t('pantry.tool-dialog.scale') }}</option>
            <option value="dropper">{{ t('pantry.tool-dialog.dropper') }}</option>
          </select>
        </app-field>
        <app-field id="t-name" v-slot="field" :label="t('pantry.tool-dialog.called')" :error="errors.name">
          <input v-bind="field" v-model="form.name" :placeholder="t('pantry.tool-dialog.teaspoon')" />
        </app-field>
        <app-field
          v-if="form.kind !== 'dropper'"
          id="t-size"
          v-slot="field"
          :label="form.kind === 'scale' ? t('pantry.tool-dialog.bears') : t('pantry.tool-dialog.holds')"
          :error="errors.size"
        >
          <input v-bind="field" v-model="form.size" :placeholder="form.kind === 'scale' ? t('pantry.tool-dialog.five-kg') : t('pantry.tool-dialog.a-spoon')" />
        </app-field>
        <app-field v-if="hasMarks" id="t-step" v-slot="field" :label="t('pantry.tool-dialog.smallest-step')" :error="errors.step">
          <input v-bind="field" v-model="form.step" :placeholder="form.kind === 'scale' ? '1 g' : '0.5 mL'" />
        </app-field>
      </div>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">
          {{
            tool ? t('pantry.tool-dialog.save') : t('pantry.tool-dialog.add')
          }}
        </n-button>
        <n-button v-if="tool" @click="drop">{{ t('pantry.tool-dialog.take-out') }}</n-button>
        <n-button @click="shown = false">{{ t('pantry.tool-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
