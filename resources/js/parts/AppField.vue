<script setup lang="ts">
import { computed, useId } from 'vue'

/**
 * One field: what it is called, what it is filled in with, a hint, and what is wrong with it, tied together for the eye, the
 * keyboard and the screen reader. The control stands in the slot and takes what it is given:
 * `<app-field v-slot="field" :label="…"><input v-bind="field" v-model="…"></app-field>`.
 */
const props = defineProps<{ label: string; error?: string | null; hint?: string; id?: string; labelHidden?: boolean }>()

const made = useId()
const control = computed(() => {
  const id = props.id ?? made
  const about = [props.error && `${id}-error`, props.hint && `${id}-hint`].filter(Boolean).join(' ')
  return {
    id,
    class: 'native',
    autocomplete: 'off',
    'aria-invalid': props.error ? ('true' as const) : undefined,
    'aria-describedby': about || undefined,
  }
})
</script>

<template>
  <div class="field">
    <label :for="control.id" :class="{ 'visually-hidden': labelHidden }">{{ label }}</label>
    <slot v-bind="control" />
    <p v-if="error" :id="`${control.id}-error`" class="field-error">{{ error }}</p>
    <p v-if="hint" :id="`${control.id}-hint`" class="soft small">{{ hint }}</p>
  </div>
</template>
