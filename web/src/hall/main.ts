import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import { createApp } from 'vue'
import '../app/base.css'
import '../app/theme.css'
import HallScreen from './HallScreen.vue'

// This page is no secure context: no service worker, no wake lock, no storage but its own.
createApp(HallScreen, { isRemote: location.pathname === '/remote' }).mount('#hall')
