import { VueQueryPlugin, QueryClient } from '@tanstack/vue-query'
import { flushPromises, mount, type DOMWrapper } from '@vue/test-utils'
import { defineComponent, h, shallowRef, type Component as VueComponent } from 'vue'
import type { Formula, Larder, Problem } from '@/api/client'
import { blankFormula } from '@/testing/starts'
import { CHOICES } from '@/testing/choices'
import { provideSheet } from '@/document/sheet'

/** Types into a field as a browser does: one event for the text, the one for leaving the field is not there yet. */
export async function type(
  field: Pick<DOMWrapper<Element>, 'element' | 'trigger'> | undefined,
  text: string,
) {
  if (!field) throw new Error('no such field')
  ;(field.element as HTMLInputElement).value = text
  await field.trigger('input')
  await flushPromises()
}

/** A part of the Bench by itself: around it only the formula that it reads and changes. For tests. */
export function onBench(
  part: VueComponent,
  props: Record<string, unknown> = {},
  start: Formula = blankFormula(),
  problems: Problem[] = [],
  client = new QueryClient({ defaultOptions: { queries: { retry: false } } }),
) {
  client.setQueryData(['larder'], LARDER)
  const formula = shallowRef(start)
  const places: string[] = []
  const bench = defineComponent({
    setup() {
      provideSheet({
        formula: () => formula.value,
        problems: () => problems,
        change: (changed, place) => {
          formula.value = changed
          places.push(place)
        },
      })
      return () => h(part, { formula: formula.value, problems, ...props })
    },
  })
  const wrapper = mount(bench, {
    global: {
      plugins: [[VueQueryPlugin, { queryClient: client }]],
      stubs: { SideSheet: { props: ['title'], template: '<div><h1>{{ title }}</h1><slot /></div>' } },
    },
  })
  const button = (words: string) => {
    const found = wrapper.findAll('button').find((b) => b.text().includes(words))
    if (!found) throw new Error(`no button “${words}” in: ${wrapper.text()}`)
    return found
  }
  const emitted = <T>(name: string) => wrapper.getComponent(part).emitted<[T]>(name)?.at(-1)?.[0]
  return { wrapper, formula, places, button, emitted, settled: flushPromises, client }
}

export const LARDER = {
  ingredients: [
    { id: 'cream-35', name: 'Cream 35 % fat', group: 'dairy' },
    { id: 'honey', name: 'Honey', group: 'sugar' },
  ],
  gels: [{ id: 'sheet-gold', name: 'Sheet, gold', agent: 'gelatin' }],
  moulds: [
    { id: 'dariole', name: 'Dariole', brimMl: 110.4 },
    { id: 'ring', name: 'Ring', brimMl: 1200 },
  ],
  coolers: [
    { id: 'fridge-still', name: 'Fridge', airC: 4 },
    { id: 'blast', name: 'Blast chiller', airC: -12 },
  ],
  componentKinds: [
    { id: 'jelly', words: 'jelly or glaze' },
    { id: 'ganache', words: 'ganache' },
  ],
  choices: CHOICES,
} as unknown as Larder
