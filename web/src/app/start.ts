import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { i18n } from '../words/i18n.ts'
import { words } from '../words/index.ts'
import { onLowRoom } from './api.ts'
import App from './App.vue'
import './base.css'
import { watchForUpdates } from './offline.ts'
import { router } from './router.ts'
import './theme.css'
import { followSystem } from './theme.ts'
import { reportErrors } from './trouble.ts'

const app = createApp(App)
reportErrors(app)
onLowRoom(
  () => void import('../ui/message.ts').then(({ tellWarning }) => tellWarning(words.trouble.low)),
)
followSystem()
app.use(createPinia()).use(router).use(i18n).mount('#app')
watchForUpdates()
void import('../call/callKeeper.ts').then(({ watchCalls }) => watchCalls())
