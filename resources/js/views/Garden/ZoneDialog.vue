<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type PlotZone } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { reactive, watch } from 'vue'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ zone: PlotZone | null; reload: () => Promise<unknown> }>()

const store = useGarden()
const { errors, busy, attempt, done, close } = useSaving()
const form = reactive({ name: '', note: '' })
watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  Object.assign(form, { name: props.zone?.name ?? '', note: props.zone?.note ?? '' })
})

const save = () => attempt(async () => {
  const path = { garden: store.id }
  const saved = props.zone
    ? await take(api.PUT('/api/gardens/{garden}/zones/{zone}', { params: { path: { ...path, zone: props.zone.id } }, body: { ...form, version: props.zone.version } }))
    : await take(api.POST('/api/gardens/{garden}/zones', { params: { path }, body: form }))
  done(saved.change)
  await close(shown, props.reload)
})
const drop = () => attempt(async () => {
  done(await take(api.DELETE('/api/gardens/{garden}/zones/{zone}', { params: { path: { garden: store.id, zone: props.zone!.id } } })))
  await close(shown, props.reload)
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="zone ? zone.name : t('garden.zone-dialog.add-zone')">
    <form class="form-grid" @submit.prevent="save">
      <div class="field">
        <label for="z-name">{{ t('garden.zone-dialog.name') }}</label>
        <input id="z-name" v-model="form.name" class="native" autocomplete="off" :placeholder="t('garden.zone-dialog.bean-rows')" :aria-invalid="errors.name ? 'true' : undefined">
        <p v-if="errors.name" class="field-error">{{ errors.name }}</p>
      </div>
      <div class="field"><label for="z-note">{{ t('garden.zone-dialog.sun-soil-what') }}</label><input id="z-note" v-model="form.note" class="native" autocomplete="off"></div>
      <p v-if="errors.zone" class="field-error">{{ errors.zone }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ zone ? t('garden.zone-dialog.save') : t('garden.zone-dialog.add') }}</n-button>
        <n-button v-if="zone" :disabled="busy" @click="drop">{{ t('garden.zone-dialog.take-zone-out') }}</n-button>
        <n-button @click="shown = false">{{ t('garden.zone-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
