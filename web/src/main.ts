import '@fontsource-variable/archivo'
import './reset.css'
import 'vuetify/styles'
import './style.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { kept } from './farm/data'
import { router } from './router'
import { notice } from './shell/notice'
import { vuetify } from './theme'

const app = createApp(App)
// Whatever goes wrong unforeseen is said, so that no button does nothing.
app.config.errorHandler = (problem) => {
  console.error(problem)
  notice.show(problem instanceof Error ? problem.message : String(problem))
}
window.addEventListener('unhandledrejection', (e) => {
  notice.show(e.reason instanceof Error ? e.reason.message : String(e.reason))
})
app
  .use(createPinia())
  .use(router)
  .use(vuetify)
  .use(VueQueryPlugin, { queryClient: kept })
  .mount('#app')
