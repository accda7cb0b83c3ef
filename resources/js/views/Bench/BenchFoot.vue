<script setup lang="ts">
import { t } from '@/i18n'
import { NButton } from 'naive-ui'
import MoreActions from './MoreActions.vue'

/** What is done with it, always at hand. `makes` is null while it cannot be worked out. */
defineProps<{
  recipeId: string | null
  makes: string | null
  changed: boolean
  busy: boolean
  sprayerId: string | null
  plantingId: string | null
  along: { params: { recipe: string }; query: Record<string, string | undefined> }
}>()
defineEmits<{ mix: []; save: []; drop: []; sprayed: []; plan: []; copy: []; versions: []; remove: [] }>()
</script>

<template>
  <footer class="foot">
    <n-button type="primary" :disabled="makes === null" @click="$emit('mix')">
      {{
        t('bench.bench-view.mix')
      }}
    </n-button>
    <n-button :type="changed ? 'primary' : 'default'" :loading="busy" :disabled="!changed" @click="$emit('save')">
      {{
        recipeId ? t('bench.bench-view.save') : t('bench.bench-view.save-recipe')
      }}
    </n-button>
    <n-button v-if="changed && recipeId" @click="$emit('drop')">{{ t('bench.bench-view.drop-my-changes') }}</n-button>
    <template v-if="recipeId">
      <n-button :disabled="changed" @click="$emit('sprayed')">{{ t('parts.sprayed-dialog.sprayed-this') }}</n-button>
      <n-button :disabled="changed" @click="$emit('plan')">{{ t('bench.bench-view.plan-rounds') }}</n-button>
      <more-actions
        :recipe="recipeId"
        :sprayer="sprayerId"
        :planting="plantingId"
        :along="along"
        @copy="$emit('copy')"
        @versions="$emit('versions')"
        @remove="$emit('remove')"
      />
    </template>
    <span v-if="makes" class="makes">{{ t('bench.bench-view.makes') }} <strong>{{ makes }}</strong></span>
    <span v-if="changed" class="soft small">{{ t('bench.bench-view.not-saved-yet') }}</span>
  </footer>
</template>

<style scoped>
.foot {
  position: sticky; bottom: 0; display: flex; flex-wrap: wrap; gap: var(--space-5); align-items: center; background: var(--paper); border-top: 1px solid var(--line);
  margin: 0 calc(-1 * var(--space-9)); padding: var(--space-6) var(--space-9); z-index: 2;
}
.makes { margin-left: auto; }
@media (max-width: 760px) {
  .foot { margin: 0 calc(-1 * var(--space-7)); padding: var(--space-6) var(--space-7); position: static; }
  .makes { margin-left: 0; }
}
</style>
