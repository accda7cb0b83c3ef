<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'

/** What was left over of batches, and how to be rid of it. */
defineProps<{ leftovers: Schemas['LeftBatch'][] }>()
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const times = useTimes()
const { busy, attempt, done } = useSaving()
const gone = (one: Schemas['LeftBatch']) =>
  attempt(async () => {
    done(await take(api.POST('/api/gardens/{garden}/batches/{batch}/gone', { params: { path: { garden: store.id, batch: one.id } } })))
    emit('changed')
  })
</script>

<template>
  <section class="ruled with-do" aria-labelledby="left">
    <h2 id="left">{{ t('today.leftover-list.left-over') }}</h2>
    <ul>
      <li v-for="one in leftovers" :key="one.id">
        <div>
          <p>
            <strong>{{ t('today.leftover-list.of', { left: one.left, name: one.name }) }}</strong>{{ t('today.leftover-list.made', { madeAt: times.instant(one.made_at) }) }}
          </p>
          <p :class="one.is_over ? 'field-error' : 'soft small'">
            {{
              one.is_over
                ? t('today.leftover-list.past-its-time')
                : one.use_by
                  ? t('today.leftover-list.good-until', { useBy: times.instant(one.use_by) })
                  : t('today.leftover-list.use-soon')
            }}
          </p>
          <p class="soft small">{{ one.how }}</p>
        </div>
        <n-button size="small" :disabled="busy" :aria-label="t('today.leftover-list.gone', { name: one.name })" @click="gone(one)">
          {{
            t('today.leftover-list.gone-2')
          }}
        </n-button>
      </li>
    </ul>
  </section>
</template>
