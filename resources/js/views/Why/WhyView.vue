<script setup lang="ts">
import { inWords } from '@/parts/grounds'
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, take, type Schemas } from '@/api/client'
import { computed, nextTick, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'

/** All rules that a finding can rest on, with their figures, their basis and how sure it is. */
const route = useRoute()
const grounds = shallowRef<Schemas['Ground'][] | null>(null)
const wanted = ref('')
const rule = computed(() => (typeof route.query.rule === 'string' ? route.query.rule : ''))

onMounted(async () => {
  grounds.value = await take(api.GET('/api/grounds'))
  await nextTick()
  if (rule.value) document.getElementById(`rule-${rule.value}`)?.scrollIntoView({ block: 'center' })
})

const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Mn}/gu, '')
const found = computed(() => {
  const words = plain(wanted.value).split(/\s+/).filter(Boolean)
  return (grounds.value ?? []).filter((one) => {
    const text = plain(`${one.title} ${one.text} ${one.topic_name} ${one.basis} ${one.also}`)
    return words.every((word) => text.includes(word))
  })
})
const topics = computed(() => {
  const list: { id: string; name: string; rules: Schemas['Ground'][] }[] = []
  for (const one of found.value) {
    const topic = list.find((other) => other.id === one.topic)
    if (topic) topic.rules.push(one)
    else list.push({ id: one.topic, name: one.topic_name, rules: [one] })
  }
  return list
})
</script>

<template>
  <div class="why">
    <page-head :title="t('why.why-view.why-we-say')" :under="t('why.why-view.every-rule-finding')" />
    <app-field id="why-search" v-slot="field" class="search" :label="t('why.why-view.look')">
      <input v-bind="field" v-model="wanted" type="search" :placeholder="t('why.why-view.soap-bleach-bees')" />
    </app-field>
    <loading-note v-if="!grounds" :what="t('why.why-view.fetching-rules')" />
    <template v-else>
      <p class="soft" aria-live="polite">{{ t('why.why-view.rules', { found: found.length, grounds: grounds.length }) }}</p>
      <p v-if="found.length === 0">{{ t('why.why-view.nothing-said-here') }}</p>
      <section v-for="topic in topics" :key="topic.id" :aria-labelledby="`topic-${topic.id}`">
        <h2 :id="`topic-${topic.id}`">{{ topic.name }}</h2>
        <ul>
          <li v-for="one in topic.rules" :id="`rule-${one.id}`" :key="one.id" :class="{ here: one.id === rule }">
            <h3>{{ one.title }}</h3>
            <p>{{ one.text }}</p>
            <p class="soft small">{{ t('why.why-view.certainty', { basis: inWords(one.basis), sure: inWords(one.sure) }) }}</p>
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>

<style scoped>
.why {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 860px);
}
.search { max-width: 420px; }
ul { list-style: none; margin: var(--space-4) 0 0; padding: 0; }
li {
  border-top: 1px solid var(--line); padding: var(--space-5) var(--space-6); scroll-margin-top: var(--space-8); overflow-wrap: anywhere;
}
li.here { background: var(--brass-wash); border-left: 5px solid var(--brass); border-radius: 0 var(--radius-m) var(--radius-m) 0; }
h3 { font: 600 var(--text-m)/1.4 var(--plain); }
h3::first-letter { text-transform: uppercase; }
@media (max-width: 760px) { .why { padding: var(--space-7) var(--space-7) var(--space-10); grid-template-columns: minmax(0, 1fr); } }
</style>
