<template>
  <p class="legend soft">
    <span><b class="key set">12</b> set at the reference</span>
    <span><b class="key">12</b> scaled</span>
    <span><b class="key">12</b> <i>from 12.3</i> rounded to what the bar pours</span>
    <span><b class="key pinned">12</b> <i class="pi pi-thumbtack" aria-hidden="true" /> pinned by hand</span>
    <span><b class="key marked">to the line</b> filled to a mark, in every size its own</span>
    <span>The lines stand in pour order.</span>
  </p>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.4rem;
  align-items: center;
  margin-top: 0.5rem;
  font-size: 0.9rem;
}

.key {
  display: inline-block;
  min-width: 1.9rem;
  margin-right: 0.3rem;
  padding: 0 0.3rem;
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
