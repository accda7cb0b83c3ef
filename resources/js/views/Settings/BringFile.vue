<script setup lang="ts">
import { t } from '@/i18n'
import BringDialog from './BringDialog.vue'
import { useKeep } from './useKeep'
import { NButton } from 'naive-ui'
import { ref, shallowRef, useTemplateRef } from 'vue'

/** A backup or a garden from a file: it is looked at, and what it would do is said before it is done. */
const emit = defineEmits<{ closed: [] }>()
const { busy, going, failed, send } = useKeep()
const what = shallowRef<{ kind: 'backup' | 'garden'; said: string[]; sent: string } | null>(null)
const shown = ref(false)
const picker = useTemplateRef<HTMLInputElement>('picker')

async function picked(): Promise<void> {
  const file = picker.value?.files?.[0]
  if (!file) return
  const sent = await send(file)
  if (picker.value) picker.value.value = ''
  if (!sent) return
  what.value = { kind: sent.kind, said: sent.said, sent: sent.id }
  shown.value = true
}
</script>

<template>
  <div class="bring">
    <n-button :loading="busy" @click="picker?.click()">{{ t('settings.keep-panel.from-a-file') }}</n-button>
    <input
      ref="picker"
      class="visually-hidden"
      type="file"
      tabindex="-1"
      accept=".zip,.json"
      :aria-label="t('settings.keep-panel.from-a-file')"
      @change="picked"
    />
    <p v-if="going" role="status">{{ going.what }} <progress :value="going.share" max="1" :aria-label="going.what" /></p>
    <p v-if="failed" class="field-error" role="alert">{{ failed }}</p>
    <bring-dialog v-if="what" :key="what.sent" v-model:shown="shown" :what="what" @closed="emit('closed')" />
  </div>
</template>

<style scoped>
.bring { display: grid; gap: var(--space-4); justify-items: start; }
.bring p { margin: 0; }
progress { width: 220px; max-width: 100%; accent-color: var(--leaf); }
</style>
