<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** A first use, or a strong one: try it on a few leaves, from weak to full strength. */
const props = defineProps<{ ladder: Schemas['Ladder']; recipeId: string | null; plantingId: string | null; changed: boolean }>()
const emit = defineEmits<{ put: [] }>()

const store = useGarden()
const { busy, attempt, done } = useSaving()
const first = computed(() => props.ladder.steps[0])
const can = computed(() => props.recipeId !== null && props.plantingId !== null && !props.changed)

const put = () =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/plantings/{planting}/looks', {
        params: { path: { garden: store.id, planting: props.plantingId! } },
        body: { kind: 'patch', recipe_id: props.recipeId, fraction: first.value!.fraction, leaves: 4 },
      }),
    )
    done(saved.change)
    emit('put')
  })
</script>

<template>
  <section v-if="ladder.proposed" class="patch" aria-labelledby="patch-title">
    <h3 id="patch-title">{{ ladder.proposed }}</h3>
    <template v-if="first">
      <ol>
        <li v-for="step in ladder.steps" :key="step.fraction">{{ step.said }}</li>
      </ol>
      <details>
        <summary>{{ t('bench.patch-strip.what-look') }}</summary>
        <ul>
          <li v-for="look in ladder.looks" :key="look">{{ look }}</li>
        </ul>
      </details>
      <div class="actions">
        <n-button v-if="can" size="small" :loading="busy" @click="put">{{ t('bench.patch-strip.i-have-put') }}</n-button>
        <span v-else class="small soft">{{ t('bench.patch-strip.save-recipe-keep') }}</span>
        <router-link v-if="plantingId" class="story" :to="{ name: 'leaves', params: { planting: plantingId } }">{{
          t('bench.patch-strip.story-these-leaves')
        }}</router-link>
      </div>
    </template>
  </section>
</template>

<style scoped>
.patch {
  background: var(--brass-wash); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); display: grid; gap:
  var(--space-4);
}
h3 { font: 600 var(--text-m)/1.4 var(--plain); }
ol, ul { margin: 0; padding-left: var(--space-8); }
summary { cursor: pointer; min-height: 32px; }
.actions { align-items: center; }
.story { min-height: 40px; display: inline-flex; align-items: center; }
</style>
