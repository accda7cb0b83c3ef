<template>
  <section class="missing">
    <h1>There is nothing at this address</h1>
    <p>The page may have moved, or the address has a slip in it.</p>
    <router-link :to="{ name: 'today' }">To Today</router-link>
  </section>
</template>

<style scoped>
.missing { padding: 64px 28px; display: grid; gap: 14px; justify-items: start; }
</style>
