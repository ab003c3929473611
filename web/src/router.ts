import { createRouter, createWebHistory } from 'vue-router'
import { isSignedIn } from './people/useSession'

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
    { path: '/log', name: 'log', component: () => import('./log/LogPage.vue') },
    { path: '/log/beside', name: 'beside', component: () => import('./log/BesidePage.vue') },
    { path: '/log/trials/:id', name: 'trials', component: () => import('./log/TrialsPage.vue') },
    { path: '/log/numbers', name: 'numbers', component: () => import('./learn/NumbersPage.vue') },
    { path: '/log/right', name: 'right', component: () => import('./learn/RightPage.vue') },
    { path: '/log/ladders', name: 'ladders', component: () => import('./ladder/LaddersPage.vue') },
    { path: '/log/ladders/:id', name: 'ladder', component: () => import('./ladder/LadderPage.vue') },
    { path: '/log/:id', name: 'batch', component: () => import('./log/BatchPage.vue') },
    { path: '/larder/:shelf?', name: 'larder', component: () => import('./larder/LarderPage.vue') },
    { path: '/sums/:sum?', name: 'sums', component: () => import('./sums/SumsPage.vue') },
    { path: '/kitchen', name: 'kitchen', component: () => import('./kitchen/KitchenPage.vue') },
    { path: '/kitchen/keeping', name: 'keeping', component: () => import('./kitchen/KeepingPage.vue') },
    { path: '/kitchen/people', name: 'people', component: () => import('./people/PeoplePage.vue') },
    { path: '/kitchen/account', name: 'account', component: () => import('./people/AccountPage.vue') },
    {
      path: '/sign-in',
      name: 'sign-in',
      component: () => import('./people/SignInPage.vue'),
      meta: { outside: true },
    },
    {
      path: '/enter',
      name: 'enter',
      component: () => import('./people/EnterPage.vue'),
      meta: { outside: true },
    },
    {
      path: '/invited/:secret',
      name: 'invited',
      component: () => import('./people/InvitedPage.vue'),
      meta: { outside: true },
    },
    { path: '/:anything(.*)', redirect: '/' },
  ],
})

/** Nobody stands before a page that will not answer them: whoever has not signed in is shown the door. */
router.beforeEach(async (to) => {
  if (to.meta['outside'] || (await isSignedIn())) return true
  return { name: 'sign-in', query: { then: to.fullPath } }
})
