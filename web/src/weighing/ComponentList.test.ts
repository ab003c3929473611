import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h, ref, shallowRef } from 'vue'
import type { Formula } from '@/api/client'
import ComponentList from './ComponentList.vue'
import { blankComponent, blankFormula } from '@/testing/starts'
import { addComponent } from '@/document/document'
import { provideSheet } from '@/document/sheet'

function mounted() {
  const start = addComponent(blankFormula(), blankComponent('jelly', 'Jelly', 'jelly'))
  const formula = shallowRef<Formula>({
    ...start,
    components: [...start.components, { ...blankComponent('ganache', 'Ganache', 'ganache'), role: 'part' }],
  })
  const chosen = ref(0)
  const page = defineComponent({
    setup() {
      provideSheet({
        formula: () => formula.value,
        problems: () => [],
        change: (changed) => (formula.value = changed),
      })
      return () =>
        h(ComponentList, {
          formula: formula.value,
          chosen: chosen.value,
          'onUpdate:chosen': (index: number) => (chosen.value = index),
        })
    },
  })
  return { wrapper: mount(page), formula, chosen }
}
const names = (formula: Formula) => formula.components.map((c) => c.name)

describe('the list of components', () => {
  it('lies top first, parts below', () => {
    const texts = mounted()
      .wrapper.findAll('li')
      .map((li) => li.text())
    expect(texts).toEqual(['Jelly', 'Set cream', 'made for the others', 'Ganache'])
  })

  it('chooses, and moves with Alt and the arrows', async () => {
    const { wrapper, formula, chosen } = mounted()
    const cream = wrapper.findAll('button.name')[1]
    await cream?.trigger('click')
    expect(chosen.value).toBe(0)
    await cream?.trigger('keydown', { key: 'ArrowUp', altKey: true })
    expect(names(formula.value)).toEqual(['Jelly', 'Set cream', 'Ganache'])
    expect(chosen.value).toBe(1)
  })

  it('leaves plain arrows to the page', async () => {
    const { wrapper, formula } = mounted()
    await wrapper.findAll('button.name')[1]?.trigger('keydown', { key: 'ArrowUp' })
    expect(names(formula.value)[0]).toBe('Set cream')
  })

  it('is dragged into another place', async () => {
    const { wrapper, formula } = mounted()
    const rows = wrapper.findAll('li[draggable]')
    await rows[1]?.trigger('dragstart')
    await rows[0]?.trigger('drop')
    expect(names(formula.value)).toEqual(['Jelly', 'Set cream', 'Ganache'])
  })

  it('takes one out', async () => {
    const { wrapper, formula } = mounted()
    await wrapper.get('[aria-label="Take Set cream out"]').trigger('click')
    expect(names(formula.value)).toEqual(['Jelly', 'Ganache'])
  })
})
