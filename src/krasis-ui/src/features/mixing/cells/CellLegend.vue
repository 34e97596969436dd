<template>
  <ul class="legend soft" aria-label="How amounts are marked">
    <li><b class="key set">12</b> set at the reference</li>
    <li><b class="key">12</b> scaled, <i>from 12.3</i> where rounded</li>
    <li><b class="key pinned">12</b> pinned by hand</li>
    <li><b class="key marked">to the line</b> filled to a mark</li>
  </ul>
</template>

<style scoped>
.legend {
  display: grid;
  gap: 0.3rem;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 0.85rem;
}

.key {
  display: inline-block;
  min-width: 1.7rem;
  margin-right: 0.2rem;
  padding: 0 0.2rem;
  border: 2px solid transparent;
  border-radius: 0.3rem;
  color: var(--ink);
  font-weight: 400;
  text-align: center;
}

.key.set {
  border-color: var(--cobalt);
  font-weight: 700;
}

.key.marked {
  border-bottom: 4px double var(--line-strong);
  font-weight: 700;
}

.key.pinned {
  border: 2px dashed var(--line-strong);
  font-weight: 700;
}
</style>
