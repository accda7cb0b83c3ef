<script setup lang="ts">
import MakingStory from './MakingStory.vue'
import NewMaking from './NewMaking.vue'
import { computed } from 'vue'
import { useRoute } from 'vue-router'

/** A making that runs, or one that is to be begun. */
const route = useRoute()
const id = computed(() =>
  typeof route.params.preparation === 'string' && route.params.preparation !== '' ? route.params.preparation : null,
)
</script>

<template>
  <making-story v-if="id" :id="id" :key="id" />
  <new-making v-else />
</template>
