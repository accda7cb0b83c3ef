<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { shallowRef } from 'vue'

/** What a plant has had, each with "never again": one tap. */
const props = defineProps<{ planting: string; had: Schemas['NeverChoice'][] }>()
const emit = defineEmits<{ kept: [Schemas['Looks']] }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const said = shallowRef<string[]>([])

const never = (one: Schemas['NeverChoice']) =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/plantings/{planting}/nevers', {
        params: { path: { garden: store.id, planting: props.planting } },
        body: { ingredient: one.ingredient },
      }),
    )
    said.value = [...said.value, one.ingredient]
    done(saved.change)
    emit('kept', saved.looks)
  })
</script>

<template>
  <div v-if="had.length" class="nevers">
    <template v-for="one in had" :key="one.ingredient">
      <span v-if="said.includes(one.ingredient)" class="small" role="status">{{ t('parts.never-buttons.said', { name: one.name }) }}</span>
      <n-button v-else size="small" :disabled="busy" @click="never(one)">{{ t('parts.never-buttons.never', { name: one.name }) }}</n-button>
    </template>
    <p v-for="message in errors" :key="message" class="field-error">{{ message }}</p>
  </div>
</template>

<style scoped>
.nevers { display: flex; flex-wrap: wrap; gap: var(--space-3); align-items: center; }
</style>
