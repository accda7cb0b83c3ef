<script setup lang="ts">
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'
import { useTimes } from '@/composables/useTimes'

/** What is to be looked at again: patches, plants after a spray, troubles. */
defineProps<{ today: Schemas['Today'] }>()
const times = useTimes()
</script>

<template>
  <section class="ruled" aria-labelledby="looks">
    <h2 id="looks">{{ t('today.look-list.look-again') }}</h2>
    <ul>
      <li v-for="patch in today.patches" :key="patch.planting_id + patch.recipe">
        <p>
          <router-link :to="{ name: 'leaves', params: { planting: patch.planting_id } }"><strong>{{ patch.planting }}</strong></router-link>{{ t('today.look-list.test-patch') }}
        </p>
        <p class="soft small">
          {{ patch.recipe
          }}<template v-if="patch.fraction < 1">{{ t('today.look-list.at', { fraction: Math.round(patch.fraction * 100) }) }}</template>{{ t('today.look-list.how-did-leaves') }}
        </p>
      </li>
      <li v-for="one in today.inspections" :key="one.application_id">
        <p>
          <router-link :to="{ name: 'leaves', params: { planting: one.planting_id } }"><strong>{{ one.plantings }}</strong></router-link>
        </p>
        <p class="soft small">{{ t('today.look-list.what-did-do', { recipe: one.recipe, appliedAt: times.instant(one.applied_at) }) }}</p>
      </li>
      <li v-for="trouble in today.looks" :key="trouble.id">
        <p>
          <router-link :to="{ name: 'trouble', params: { trouble: trouble.id } }"><strong>{{ trouble.planting }}</strong></router-link>: {{ trouble.name }}
        </p>
        <p class="soft small">{{ trouble.headline }}</p>
      </li>
    </ul>
  </section>
</template>
