<script setup lang="ts">
import AppShell from './parts/AppShell.vue'
import { useThemeChoice } from '@/composables/useThemeChoice'
import { darkOverrides, lightOverrides } from './theme'
import { darkTheme, NConfigProvider, NMessageProvider } from 'naive-ui'

const { isDark } = useThemeChoice()
</script>

<template>
  <n-config-provider :theme="isDark ? darkTheme : null" :theme-overrides="isDark ? darkOverrides : lightOverrides" preflight-style-disabled>
    <n-message-provider placement="bottom" :container-style="{ bottom: '92px' }">
      <app-shell />
    </n-message-provider>
  </n-config-provider>
</template>
