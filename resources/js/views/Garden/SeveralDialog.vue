<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import AppField from '@/parts/AppField.vue'
import PlantList from '@/parts/PlantList.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useGrowing } from '@/composables/useGrowing'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { ref } from 'vue'

/** Many plantings at once, as they are said or pasted. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ reload: () => Promise<unknown> }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const text = ref('')
const { plants, chosen } = useGrowing(text)

const add = () =>
  attempt(async () => {
    const plantings = await chosen()
    if (plantings.length === 0) return
    const change = await take(
      api.POST('/api/gardens/{garden}/plantings/list', { params: { path: { garden: store.id } }, body: { plantings } }),
    )
    text.value = ''
    shown.value = false
    done(change, async () => {
      await props.reload()
    })
    await props.reload()
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('garden.several-dialog.several-plantings')">
    <form class="form-grid" @submit.prevent="add">
      <app-field id="several" v-slot="field" :label="t('garden.several-dialog.type-paste')" :error="Object.values(errors)[0]">
        <textarea v-bind="field" v-model="text" rows="5" :placeholder="t('first-run.first-run-view.what-grows-eg')" />
      </app-field>
      <plant-list :plants="plants" />
      <p class="soft small">{{ t('garden.several-dialog.where-later', { indoors: store.garden?.indoors ? 'yes' : 'no' }) }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy" :disabled="text.trim() === ''">
          {{
            t('garden.several-dialog.add-them', { count: plants.length })
          }}
        </n-button>
        <n-button @click="shown = false">{{ t('garden.several-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
