import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import type { Component as VueComponent } from 'vue'
import { createMemoryHistory, createRouter, RouterView } from 'vue-router'

const elsewhere = { template: '<p>{{ $route.fullPath }}</p>' }

/** A station under its address, the others only as their addresses. For tests. */
export async function atAddress(address: string, station: VueComponent) {
  const own = address.split('/')[1]
  const path = (name: string) => (name === own ? station : elsewhere)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/sums/:sum?', name: 'sums', component: path('sums') },
      { path: '/larder/:shelf?', name: 'larder', component: path('larder') },
      { path: '/kitchen', name: 'kitchen', component: path('kitchen') },
      { path: '/bench/:id', name: 'bench', component: path('bench') },
    ],
  })
  await router.push(address)
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const wrapper = mount(RouterView, {
    global: {
      plugins: [router, [VueQueryPlugin, { queryClient: client }]],
      stubs: { StationBar: true, EvidenceDrawer: true },
    },
  })
  await flushPromises()
  const button = (words: string) => {
    const found = wrapper.findAll('button').find((b) => b.text().includes(words))
    if (!found) throw new Error(`no button “${words}” in: ${wrapper.text()}`)
    return found
  }
  const press = async (words: string) => {
    await button(words).trigger('click')
    await flushPromises()
  }
  return { wrapper, router, press }
}
