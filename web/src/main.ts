import '@fontsource/atkinson-hyperlegible/400.css'
import '@fontsource/atkinson-hyperlegible/700.css'
import 'ant-design-vue/dist/reset.css'
import './look/base.css'
import './look/colours.css'
import './look/forms.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import { queries } from './answers/queries'
import { onSignedOut } from './api/client'
import { registerSW } from 'virtual:pwa-register'
import App from './App.vue'
import { router } from './router'

// A session that ended: what was typed is kept in the browser, and the door leads back to where one was.
onSignedOut(() => {
  const now = router.currentRoute.value
  queries.removeQueries({ queryKey: ['session'] })
  if (!now.meta['outside']) void router.push({ name: 'sign-in', query: { then: now.fullPath } })
})

createApp(App).use(router).use(VueQueryPlugin, { queryClient: queries }).mount('#app')

// Where the browser has none, or the address is no secure one, the page works as it did without.
registerSW({ onRegisterError: () => undefined })
