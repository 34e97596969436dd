<template>
  <main class="page">
    <h1>There is no such page</h1>
    <p><RouterLink to="/">Go to the builds</RouterLink></p>
  </main>
</template>
