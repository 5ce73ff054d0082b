<template>
  <main class="lost">
    <div class="empty">
      <h1>There is nothing at this address</h1>
      <p>The label may be from another site, or the place was renamed.</p>
      <RouterLink class="press main" :to="{ name: 'sites' }">To all sites</RouterLink>
    </div>
  </main>
</template>

<style scoped>
.lost {
  padding: 40px 16px;
  max-width: 640px;
  margin: auto;
}
</style>
