import '@fontsource/atkinson-hyperlegible/400.css'
import '@fontsource/atkinson-hyperlegible/700.css'
import 'ant-design-vue/dist/reset.css'
import './look/base.css'
import './look/colours.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import { queries } from './answers/queries'
import App from './App.vue'
import { router } from './router'

createApp(App).use(router).use(VueQueryPlugin, { queryClient: queries }).mount('#app')
