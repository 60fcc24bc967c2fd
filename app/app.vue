<script setup lang="ts">
import { watchEffect } from 'vue'
import { useTheme } from 'vuetify'
import { useBrowserTitle } from './composables/usePageTitle'
import { useView } from './stores/view'

const theme = useTheme()
const view = useView()
useBrowserTitle()
watchEffect(() => theme.change(view.saved.theme))
</script>

<template>
  <v-app>
    <NuxtLayout>
      <NuxtPage />
    </NuxtLayout>
  </v-app>
</template>
