<script setup lang="ts">
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

const plain = (text: string) => text.toLowerCase().normalize('NFD').replace(/\p{Mn}/gu, '')
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
    <page-head title="Why we say so" under="Every rule that a finding can rest on, with its figures. Definition and physical constant are exact; established guidance is what extension services and labels agree on; practice is rough, and your own plants know better." />
    <p class="field search"><label for="why-search">Look for</label><input id="why-search" v-model="wanted" class="native" type="search" placeholder="soap, bleach, bees, rain …" autocomplete="off"></p>
    <loading-note v-if="!grounds" what="Fetching the rules" />
    <template v-else>
      <p class="soft" aria-live="polite">{{ found.length }} of {{ grounds.length }} rules.</p>
      <p v-if="found.length === 0">Nothing is said of that here. Try fewer or other words.</p>
      <section v-for="topic in topics" :key="topic.id" :aria-labelledby="`topic-${topic.id}`">
        <h2 :id="`topic-${topic.id}`">{{ topic.name }}</h2>
        <ul>
          <li v-for="one in topic.rules" :id="`rule-${one.id}`" :key="one.id" :class="{ here: one.id === rule }">
            <h3>{{ one.title }}</h3>
            <p>{{ one.text }}</p>
            <p class="soft small">{{ one.basis }}, {{ one.sure }} certainty</p>
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>

<style scoped>
.why { padding: 22px 26px 48px; display: grid; gap: 16px; grid-template-columns: minmax(0, 860px); }
.search { max-width: 420px; }
ul { list-style: none; margin: 8px 0 0; padding: 0; }
li { border-top: 1px solid var(--line); padding: 10px 12px; scroll-margin-top: 20px; overflow-wrap: anywhere; }
li.here { background: var(--brass-wash); border-left: 5px solid var(--brass); border-radius: 0 8px 8px 0; }
h3 { font: 600 16px/1.4 'Atkinson Hyperlegible Next', system-ui, sans-serif; }
h3::first-letter { text-transform: uppercase; }
@media (max-width: 760px) { .why { padding: 16px 16px 32px; grid-template-columns: minmax(0, 1fr); } }
</style>
