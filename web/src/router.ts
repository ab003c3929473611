import { createRouter, createWebHistory } from 'vue-router'

/** One address per station. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'book', component: () => import('./book/BookPage.vue') },
    { path: '/new', name: 'new', component: () => import('./book/NewPage.vue') },
    { path: '/recipe', name: 'recipe', component: () => import('./recipe/RecipePage.vue') },
    { path: '/bench', name: 'first-bench', component: () => import('@/document/FirstFormula.vue') },
    { path: '/bench/:id', name: 'bench', component: () => import('./bench/BenchPage.vue') },
    { path: '/bench/:id/card', name: 'card', component: () => import('./card/CardPage.vue') },
    { path: '/cold', name: 'first-cold', component: () => import('@/document/FirstFormula.vue') },
    { path: '/cold/:id', name: 'cold', component: () => import('./cold/ColdPage.vue') },
    { path: '/day', name: 'days', component: () => import('./day/PlansPage.vue') },
    { path: '/day/:id', name: 'day', component: () => import('./day/DayPage.vue') },
    { path: '/make', name: 'makings', component: () => import('./make/MakingsPage.vue') },
    { path: '/make/cues', name: 'cues', component: () => import('./make/CuesPage.vue') },
    {
      path: '/make/instruments',
      name: 'instruments',
      component: () => import('./make/InstrumentsPage.vue'),
    },
    { path: '/make/:id/wrong', name: 'wrong', component: () => import('./make/WrongPage.vue') },
    { path: '/bench/:id/wrong', name: 'wrong-formula', component: () => import('./make/WrongFormula.vue') },
    { path: '/make/:id', name: 'making', component: () => import('./make/MakingPage.vue') },
    { path: '/larder/:shelf?', name: 'larder', component: () => import('./larder/LarderPage.vue') },
    { path: '/sums/:sum?', name: 'sums', component: () => import('./sums/SumsPage.vue') },
    { path: '/kitchen', name: 'kitchen', component: () => import('./kitchen/KitchenPage.vue') },
    { path: '/:anything(.*)', redirect: '/' },
  ],
})
