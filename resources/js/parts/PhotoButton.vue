<script setup lang="ts">
import { t } from '@/i18n'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { scaled } from './scaled'
import { ref } from 'vue'

/** A photo for a note that is written down already; it stays on this machine. */
const props = defineProps<{ of: 'application' | 'glance' | 'count' | 'look'; ofId: string }>()
const emit = defineEmits<{ added: [] }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const added = ref(0)

async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  if (!file) return
  await attempt(async () => {
    const form = new FormData()
    try {
      form.append('photo', await scaled(file), 'note.jpg')
    } catch {
      errors.value = { photo: t('scout.keep-dialog.picture-cannot-read') }
      return
    }
    form.append('of', props.of)
    form.append('of_id', props.ofId)
    done(
      await take(
        api.POST('/api/gardens/{garden}/photos', {
          params: { path: { garden: store.id } },
          body: form as never,
          bodySerializer: () => form,
          headers: { 'Content-Type': null },
        }),
      ),
    )
    added.value++
    emit('added')
  })
  field.value = ''
}
</script>

<template>
  <div class="photo">
    <label :class="{ busy }">
      <input type="file" accept="image/*" class="visually-hidden" :disabled="busy" @change="choose" />
      {{ added ? t('parts.photo-button.another') : t('parts.photo-button.add') }}
    </label>
    <p v-for="message in errors" :key="message" class="field-error">{{ message }}</p>
  </div>
</template>

<style scoped>
label {
  display: inline-flex; align-items: center; min-height: 34px; padding: 0 var(--space-5); border: 1px solid var(--line); border-radius:
  var(--radius-m); background: var(--paper); cursor: pointer; font-size: var(--text-s);
}
label:focus-within { outline: 3px solid var(--brass); outline-offset: 2px; }
.busy { opacity: 0.6; }
</style>
