<script setup lang="ts">
import { words } from '../words/index.ts'
</script>

<template>
  <div class="view">
    <h1>{{ words.app.nowhere }}</h1>
    <p>
      <RouterLink to="/sheets">{{ words.app.toShelf }}</RouterLink>
    </p>
  </div>
</template>
