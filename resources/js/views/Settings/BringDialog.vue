<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useKeep } from './useKeep'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'

/** What a backup or a garden would do, said before it is done; done, and taken back again. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ what: { kind: 'backup' | 'garden'; said: string[]; name?: string; sent?: string } }>()
const emit = defineEmits<{ closed: [] }>()
const store = useGarden()
const { busy, going, failed, run } = useKeep()
const into = ref<'new' | 'this'>('new')
const said = shallowRef(props.what.said)
const done = shallowRef<Schemas['Brought'] | null>(null)
const isBack = ref(false)
const title = computed(() => (props.what.kind === 'backup' ? t('settings.bring-dialog.bring-back') : t('settings.bring-dialog.bring-in')))

const restore = (name: string | undefined) =>
  run(() =>
    name
      ? take(api.POST('/api/backups/{name}/restore', { params: { path: { name } } }))
      : take(api.POST('/api/incoming/{sent}/restore', { params: { path: { sent: props.what.sent! } } })),
  )
const bringIn = (look: boolean) =>
  run(() =>
    take(
      api.POST('/api/incoming/{sent}/import', {
        params: { path: { sent: props.what.sent! } },
        body: { into: into.value === 'this' ? store.id : null, look },
      }),
    ),
  )
watch(into, async () => {
  said.value = (await bringIn(true))?.said ?? said.value
})

async function go(): Promise<void> {
  done.value = await (props.what.kind === 'backup' ? restore(props.what.name) : bringIn(false))
}
/** A restore by the backup of before, a garden of its own by deleting it, one that went into another by undo. */
async function takeBack(): Promise<void> {
  const brought = done.value!
  const back = await run(async () => {
    if (brought.kept) await take(api.POST('/api/backups/{name}/restore', { params: { path: { name: brought.kept } } }))
    else if (brought.change) {
      await take(
        api.POST('/api/gardens/{garden}/changes/{change}/undo', {
          params: { path: { garden: brought.garden_id!, change: brought.change.id } },
        }),
      )
    } else {
      const garden = (await take(api.GET('/api/gardens'))).find((one) => one.id === brought.garden_id)
      if (garden) await take(api.DELETE('/api/gardens/{garden}', { params: { path: { garden: garden.id } }, body: { name: garden.name } }))
    }
    return true
  })
  isBack.value = back === true
}
/** Everything that is shown may be another now: the page begins anew. */
function close(): void {
  if (!done.value) {
    shown.value = false
    emit('closed')
  } else location.assign(store.garden ? '/settings' : '/')
}
const open = () => store.choose(done.value!.garden_id!)
watch(shown, (now) => {
  if (!now && done.value) close()
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="title">
    <template v-if="!done">
      <fieldset v-if="what.kind === 'garden' && store.garden">
        <legend class="visually-hidden">{{ t('settings.bring-dialog.where-to') }}</legend>
        <label><input v-model="into" type="radio" value="new" /> {{ t('settings.bring-dialog.as-new') }}</label>
        <label><input v-model="into" type="radio" value="this" /> {{ t('settings.bring-dialog.into-this', { name: store.garden.name }) }}</label>
      </fieldset>
      <p v-for="line in said" :key="line">{{ line }}</p>
    </template>
    <div v-else role="status">
      <p v-for="line in isBack ? [t('settings.bring-dialog.taken-back')] : done.said" :key="line">{{ line }}</p>
    </div>
    <p v-if="going" role="status">{{ going.what }} <progress :value="going.share" max="1" :aria-label="going.what" /></p>
    <p v-if="failed" class="field-error" role="alert">{{ failed }}</p>
    <div class="do">
      <template v-if="!done">
        <n-button type="primary" :loading="busy" @click="go">{{ title }}</n-button>
        <n-button :disabled="busy" @click="close">{{ t('settings.bring-dialog.not-now') }}</n-button>
      </template>
      <template v-else>
        <n-button type="primary" :disabled="busy" @click="close">{{ t('settings.bring-dialog.good') }}</n-button>
        <n-button v-if="!isBack && what.kind === 'garden' && done.garden_id !== store.id" :disabled="busy" @click="open">
          {{ t('settings.bring-dialog.open-it') }}
        </n-button>
        <n-button v-if="!isBack && (done.kept || done.garden_id)" :loading="busy" @click="takeBack">{{ t('settings.bring-dialog.take-back') }}</n-button>
      </template>
    </div>
  </app-dialog>
</template>

<style scoped>
.do { display: flex; flex-wrap: wrap; gap: var(--space-4); }
fieldset { border: 0; margin: 0; padding: 0; display: grid; gap: var(--space-3); }
label { display: flex; gap: var(--space-4); align-items: center; min-height: 32px; }
p { margin: 0 0 var(--space-3); overflow-wrap: anywhere; }
progress { width: 220px; max-width: 100%; accent-color: var(--leaf); }
</style>
