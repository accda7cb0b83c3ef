<script setup lang="ts">
import AppShell from './parts/AppShell.vue'
import { useThemeChoice } from '@/composables/useThemeChoice'
import { darkOverrides, lightOverrides } from './theme'
import { useMediaQuery } from '@vueuse/core'
import { darkTheme, NConfigProvider, NMessageProvider } from 'naive-ui'

const { isDark } = useThemeChoice()
/** On a phone one thing at a time is said, right above the bar: two would cover the button that is pressed next. */
const isPhone = useMediaQuery('(max-width: 760px)')
</script>

<template>
  <n-config-provider :theme="isDark ? darkTheme : null" :theme-overrides="isDark ? darkOverrides : lightOverrides" preflight-style-disabled>
    <n-message-provider placement="bottom" :max="isPhone ? 1 : undefined" :container-style="{ bottom: isPhone ? '64px' : '92px' }">
      <app-shell />
    </n-message-provider>
  </n-config-provider>
</template>
