<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { scaled } from '@/parts/scaled'
import { api, take, type Diagnosis, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'

/** Writing a look down: what it is taken for, a note, a photo. */
const shown = defineModel<boolean>('shown', { required: true })
const note = defineModel<string>('note', { required: true })
const props = defineProps<{
  diagnosis: Diagnosis
  planting: string
  body: { present: string[]; absent: string[]; weather: ('wet' | 'dry' | 'hot' | 'cool')[] }
}>()
const emit = defineEmits<{ kept: [] }>()

const store = useGarden()
const router = useRouter()
const { errors, busy, attempt, done } = useSaving()
const target = ref('')
const plant = ref('')
const photo = ref<Blob | null>(null)
const preview = ref('')
/** Written down already, should only the photo have failed: it is not written down twice. */
const saved = ref<Schemas['SavedScouting'] | null>(null)

const likely = computed(() => props.diagnosis.causes.filter((cause) => cause.kind !== 'none'))
const others = computed(() => store.knowledge.targets.filter((one) => !likely.value.some((cause) => cause.target === one.id)))
watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  photo.value = null
  preview.value = ''
  saved.value = null
  target.value = props.diagnosis.settled ? (props.diagnosis.causes[0]?.target ?? '') : ''
})

async function choose(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  try {
    photo.value = await scaled(file)
    if (preview.value) URL.revokeObjectURL(preview.value)
    preview.value = URL.createObjectURL(photo.value)
    errors.value = {}
  } catch {
    errors.value = { photo: t('scout.keep-dialog.picture-cannot-read') }
  }
}

const keep = (as: 'trouble' | 'look') =>
  attempt(async () => {
    const path = { garden: store.id }
    const kept = (saved.value ??= await take(
      api.POST('/api/gardens/{garden}/scoutings', {
        params: { path },
        body: {
          planting_id: props.planting || null,
          plant: props.planting ? null : plant.value,
          present: props.body.present,
          absent: props.body.absent,
          weather: props.body.weather,
          note: note.value,
          as,
          target: as === 'trouble' ? target.value || null : null,
        },
      }),
    ))
    if (photo.value) {
      const form = new FormData()
      form.append('photo', photo.value, 'look.jpg')
      await take(
        api.POST('/api/gardens/{garden}/scoutings/{scouting}/photo', {
          params: { path: { ...path, scouting: kept.scouting.id } },
          body: form as never,
          bodySerializer: () => form,
          headers: { 'Content-Type': null },
        }),
      )
    }
    shown.value = false
    if (!props.planting) await store.refresh()
    emit('kept')
    done(kept.change)
    await router.push(kept.trouble_id ? { name: 'trouble', params: { trouble: kept.trouble_id } } : { name: 'garden' })
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('scout.keep-dialog.write-look-down')">
    <form class="form-grid" @submit.prevent="keep('trouble')">
      <app-field id="k-target" v-slot="field" :label="t('scout.keep-dialog.take')" :error="errors.target">
        <select v-bind="field" v-model="target">
          <option value="">{{ t('scout.keep-dialog.not-known-yet') }}</option>
          <optgroup :label="t('scout.keep-dialog.likely')">
            <option v-for="cause in likely" :key="cause.target" :value="cause.target">
              {{ cause.name }} ({{ Math.round(100 * cause.probability) }} %)
            </option>
          </optgroup>
          <optgroup :label="t('scout.keep-dialog.others')">
            <option v-for="one in others" :key="one.id" :value="one.id">{{ one.name }}</option>
          </optgroup>
        </select>
      </app-field>
      <app-field v-if="!planting" id="k-plant" v-slot="field" :label="t('scout.keep-dialog.which-plant')" :hint="t('scout.keep-dialog.named-later')" :error="errors.plant">
        <input v-bind="field" v-model="plant" />
      </app-field>
      <app-field id="k-note" v-slot="field" :label="t('scout.keep-dialog.note')">
        <textarea v-bind="field" v-model="note" rows="3" :placeholder="t('scout.keep-dialog.where-how-many')" />
      </app-field>
      <app-field
        id="k-photo"
        v-slot="field"
        :label="t('scout.keep-dialog.photo')"
        :error="errors.photo"
        :hint="t('scout.keep-dialog.made-small-stays')"
      >
        <input v-bind="field" type="file" accept="image/*" capture="environment" @change="choose" />
        <img v-if="preview" :src="preview" :alt="t('scout.keep-dialog.photo-made-small')" />
      </app-field>
      <p v-if="errors.planting_id" class="field-error">{{ errors.planting_id }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('scout.keep-dialog.trouble-follow') }}</n-button>
        <n-button :disabled="busy" @click="keep('look')">{{ t('scout.keep-dialog.only-note-look') }}</n-button>
        <n-button @click="shown = false">{{ t('scout.keep-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
img { max-width: 160px; max-height: 160px; border-radius: var(--radius-m); margin-top: var(--space-3); }
</style>
