import '@fontsource-variable/source-sans-3'
import 'primeicons/primeicons.css'
import './styles.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { theme } from './theme'

createApp(App)
  .use(router)
  .use(PrimeVue, { theme })
  .use(VueQueryPlugin, {
    // The server is on this machine or the next: when it does not answer, say so at once.
    // What it sends is read and never written to: nothing within it need be watched.
    queryClientConfig: {
      defaultOptions: { queries: { retry: false, networkMode: 'always', shallow: true } },
    },
  })
  .mount('#app')
