<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type PlotZone } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { NButton } from 'naive-ui'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ zone: PlotZone | null; reload: () => Promise<unknown> }>()

const store = useGarden()
const { values: form, version, errors, busy, notes, attempt, finish } = useForm(shown, {
  reload: () => props.reload(),
  kept: () => `zone.${props.zone?.id ?? 'new'}`,
  blank: () => ({ name: '', note: '' }),
  from: () => ({ name: props.zone?.name ?? '', note: props.zone?.note ?? '' }),
  version: () => props.zone?.version ?? 0,
})

const save = () =>
  attempt(async () => {
    const path = { garden: store.id }
    const saved = props.zone
      ? await take(
          api.PUT('/api/gardens/{garden}/zones/{zone}', {
            params: { path: { ...path, zone: props.zone.id } },
            body: { ...form, version: version.value },
          }),
        )
      : await take(api.POST('/api/gardens/{garden}/zones', { params: { path }, body: form }))
    await finish(saved.change)
  })
const drop = () =>
  attempt(async () => {
    await finish(await take(api.DELETE('/api/gardens/{garden}/zones/{zone}', { params: { path: { garden: store.id, zone: props.zone!.id } } })))
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="zone ? zone.name : t('garden.zone-dialog.add-zone')">
    <form class="form-grid" @submit.prevent="save">
      <app-field id="z-name" v-slot="field" :label="t('garden.zone-dialog.name')" :error="errors.name">
        <input v-bind="field" v-model="form.name" :placeholder="t('garden.zone-dialog.bean-rows')" />
      </app-field>
      <app-field id="z-note" v-slot="field" :label="t('garden.zone-dialog.sun-soil-what')">
        <input v-bind="field" v-model="form.note" />
      </app-field>
      <p v-if="errors.zone" class="field-error">{{ errors.zone }}</p>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">
          {{
            zone ? t('garden.zone-dialog.save') : t('garden.zone-dialog.add')
          }}
        </n-button>
        <n-button v-if="zone" :disabled="busy" @click="drop">{{ t('garden.zone-dialog.take-zone-out') }}</n-button>
        <n-button @click="shown = false">{{ t('garden.zone-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
