<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import NeverButtons from '@/parts/NeverButtons.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'

/** What is never to be put on this plant again: what was said, and saying it. */
const props = defineProps<{ looks: Schemas['Looks'] }>()
const emit = defineEmits<{ kept: [Schemas['Looks']]; gone: [] }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const open = ref(false)
const ingredient = ref('')
const why = ref('')
const wholeKind = ref(false)
const left = computed(() => props.looks.had.filter((one) => !props.looks.nevers.some((said) => said.ingredient === one.name)))

const say = () =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/plantings/{planting}/nevers', {
        params: { path: { garden: store.id, planting: props.looks.planting.id } },
        body: { ingredient: ingredient.value, why: why.value || null, whole_kind: wholeKind.value },
      }),
    )
    open.value = false
    ingredient.value = why.value = ''
    wholeKind.value = false
    done(saved.change)
    emit('kept', saved.looks)
  })
const takeBack = (id: string) =>
  attempt(async () => {
    done(await take(api.DELETE('/api/gardens/{garden}/nevers/{never}', { params: { path: { garden: store.id, never: id } } })))
    emit('gone')
  })
</script>

<template>
  <section class="never" :class="{ said: looks.nevers.length }" aria-labelledby="never">
    <h2 id="never">{{ t('leaves.never-panel.title') }}</h2>
    <ul v-if="looks.nevers.length">
      <li v-for="one in looks.nevers" :key="one.id">
        <span><strong>{{ one.said }}</strong>, {{ t('leaves.never-panel.since', { when: one.since }) }}<template v-if="one.why">: {{ one.why }}</template></span>
        <n-button size="small" quaternary :disabled="busy" @click="takeBack(one.id)">{{ t('leaves.never-panel.take-back') }}</n-button>
      </li>
    </ul>
    <p v-else class="soft small">{{ t('leaves.never-panel.what-it-is-for') }}</p>
    <never-buttons v-if="!open" :planting="looks.planting.id" :had="left" @kept="emit('kept', $event)" />
    <n-button v-if="!open" class="other" size="small" @click="open = true">{{ t('leaves.never-panel.something-else') }}</n-button>
    <form v-else @submit.prevent="say">
      <app-field v-slot="field" :label="t('leaves.never-panel.never')" :error="errors.ingredient">
        <input v-bind="field" v-model="ingredient" :placeholder="t('leaves.never-panel.like')" />
      </app-field>
      <app-field v-slot="field" :label="t('leaves.never-panel.why')"><input v-bind="field" v-model="why" /></app-field>
      <label class="all"><input v-model="wholeKind" type="checkbox" /> {{ t('leaves.never-panel.whole-kind', { kind: looks.planting.kind }) }}</label>
      <div class="do">
        <n-button type="primary" attr-type="submit" :loading="busy" :disabled="!ingredient.trim()">{{ t('leaves.never-panel.write-down') }}</n-button>
        <n-button @click="open = false">{{ t('leaves.never-panel.not-now') }}</n-button>
      </div>
    </form>
  </section>
</template>

<style scoped>
.never { border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); display: grid; gap: var(--space-4); }
.never.said { border-left: 4px solid var(--stop); }
.never ul { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-3); }
.never li { display: flex; gap: var(--space-4); align-items: center; justify-content: space-between; }
.never form { display: grid; gap: var(--space-5); max-width: 420px; }
.never .other { justify-self: start; }
.all { display: flex; gap: var(--space-3); align-items: center; min-height: 32px; }
.do { display: flex; gap: var(--space-4); }
</style>
