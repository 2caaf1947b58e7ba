// First of all: what follows has schemas.
import './app/uncompiledZod.ts'
import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './app/App.vue'
import './app/base.css'
import { watchForUpdates } from './app/offline.ts'
import { router } from './app/router.ts'
import './app/theme.css'
import { reportErrors } from './app/trouble.ts'

const app = createApp(App)
reportErrors(app)
app.use(createPinia()).use(router).mount('#app')
watchForUpdates()
void import('./call/callKeeper.ts').then(({ watchCalls }) => watchCalls())
