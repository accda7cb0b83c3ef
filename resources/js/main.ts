import './fonts'
import './tokens.css'
import './styles.css'
import App from './App.vue'
import { i18n } from './i18n'
import { router } from './router'
import { createPinia } from 'pinia'
import { createApp } from 'vue'

createApp(App).use(createPinia()).use(i18n).use(router).mount('#app')
