<script setup lang="ts">
import { t } from '@/i18n'

/** What cleans what, and what never: rough practice, said as such. */
const things = [
  { what: t('other-uses.cleaning.sprayer'), how: t('other-uses.cleaning.sprayer-how'), never: t('other-uses.cleaning.sprayer-never') },
  { what: t('other-uses.cleaning.nozzle'), how: t('other-uses.cleaning.nozzle-how'), never: t('other-uses.cleaning.nozzle-never') },
  { what: t('other-uses.cleaning.lime'), how: t('other-uses.cleaning.lime-how'), never: t('other-uses.cleaning.lime-never') },
  { what: t('other-uses.cleaning.rust'), how: t('other-uses.cleaning.rust-how'), never: t('other-uses.cleaning.rust-never') },
  { what: t('other-uses.cleaning.clay'), how: t('other-uses.cleaning.clay-how'), never: t('other-uses.cleaning.clay-never') },
  { what: t('other-uses.cleaning.bath'), how: t('other-uses.cleaning.bath-how'), never: t('other-uses.cleaning.bath-never') },
]
const little = [t('other-uses.cleaning.frass'), t('other-uses.cleaning.peel'), t('other-uses.cleaning.rooting')]
</script>

<template>
  <section aria-labelledby="cleaning" class="cleaning">
    <h2 id="cleaning">{{ t('other-uses.cleaning.title') }}</h2>
    <dl>
      <template v-for="one in things" :key="one.what">
        <dt>{{ one.what }}</dt>
        <dd>
          <p>{{ one.how }}</p>
          <p class="never"><strong>{{ t('other-uses.cleaning.never') }}</strong> {{ one.never }}</p>
        </dd>
      </template>
    </dl>
    <h2>{{ t('other-uses.cleaning.little-known') }}</h2>
    <ul>
      <li v-for="one in little" :key="one">{{ one }}</li>
    </ul>
    <p class="soft small">{{ t('other-uses.cleaning.rough') }}</p>
  </section>
</template>

<style scoped>
.cleaning { display: grid; gap: var(--space-5); }
dl { margin: 0; display: grid; grid-template-columns: minmax(120px, 220px) minmax(0, 1fr); gap: var(--space-5) var(--space-7); }
dt { font-weight: 600; }
dd { margin: 0; display: grid; gap: var(--space-1); max-width: 75ch; }
.never strong { color: var(--madder); }
ul { margin: 0; padding-left: var(--space-7); display: grid; gap: var(--space-3); max-width: 85ch; }
@media (max-width: 760px) { dl { grid-template-columns: minmax(0, 1fr); gap: var(--space-2); } dd { margin-bottom: var(--space-5); } }
</style>
