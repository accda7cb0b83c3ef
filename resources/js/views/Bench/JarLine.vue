<script setup lang="ts">
import { t } from '@/i18n'
import type { Line } from '@/api/client'

/** Which jar a line is taken from, and what is in it. */
defineProps<{
  line: Line
  label: string
  error?: string | undefined
  /** It is made first, by the recipe itself. */
  carried: boolean
}>()
defineEmits<{ pick: [id: string] }>()
</script>

<template>
  <div v-if="line.made_as" class="jar">
    <label v-if="line.jars.length || line.preparation" class="from">
      <span class="soft small">{{ t('bench.jar-line.from') }}</span>
      <select
        class="native"
        :aria-label="t('bench.jar-line.jar', { label })"
        :value="line.preparation ?? ''"
        :aria-invalid="error ? 'true' : undefined"
        @change="$emit('pick', ($event.target as HTMLSelectElement).value)"
      >
        <option value="">{{ t('bench.jar-line.one-as-usually') }}</option>
        <option v-for="jar in line.jars" :key="jar.id" :value="jar.id">{{ jar.is_fit ? '' : '✕ ' }}{{ jar.name }}: {{ jar.said }}</option>
        <option v-if="line.preparation && !line.jars.some((jar) => jar.id === line.preparation)" :value="line.preparation">
          {{ carried ? t('bench.jar-line.made-first') : t('bench.jar-line.jar-gone') }}
        </option>
      </select>
    </label>
    <details>
      <summary>{{ t('bench.jar-line.what') }}</summary>
      <ul>
        <li v-for="one in line.makeup" :key="one">{{ one }}</li>
      </ul>
      <p class="small soft">
        {{ line.preparation ? t('bench.jar-line.as-was-made') : t('bench.jar-line.as-usually-made') }}
        <router-link v-if="line.preparation && !carried" :to="{ name: 'making', params: { preparation: line.preparation } }">{{
          t('bench.jar-line.open-jar')
        }}</router-link>
        <router-link
          v-else-if="!carried"
          :to="
            line.made_as === 'potash-soap'
              ? { name: 'soap' }
              : { name: 'making', params: { preparation: '' }, query: { kind: line.made_as } }
          "
        >{{ t('bench.jar-line.make-yourself') }}</router-link>
      </p>
    </details>
    <p v-if="error" class="field-error">{{ error }}</p>
  </div>
</template>

<style scoped>
.jar { display: grid; gap: var(--space-2); }
.from { display: grid; grid-template-columns: auto minmax(0, 1fr); gap: var(--space-4); align-items: center; }
.native { padding: var(--space-2) var(--space-5); background: none; border-color: var(--line); }
summary { cursor: pointer; min-height: 32px; color: var(--soft); }
ul { margin: 0; padding-left: var(--space-8); }
</style>
