import { createRouter, createWebHistory } from 'vue-router'

/** One address per station. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: () => import('./bench/FirstFormula.vue') },
    { path: '/bench/:id', name: 'bench', component: () => import('./bench/BenchPage.vue') },
    { path: '/:anything(.*)', redirect: '/' },
  ],
})
