import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Formula, Step } from '@/api/client'
import { blankFormula } from '@/testing/starts'
import MethodDrawer from './MethodDrawer.vue'

const step = (id: string, after: string[] = [], own = false): Step => ({
  id,
  component: '',
  work: id.slice(id.indexOf('.') + 1),
  title: id,
  text: `do ${id}`,
  kind: 'ACTIVE',
  needs: ['HANDS'],
  takes: { least: 2, likely: 3, most: 5, parameter: '' },
  cue: '',
  caution: '',
  own,
  after: after.map((other) => ({ step: other, leastMinutes: 0, why: '' })),
})
const steps = [
  step('0.weigh'),
  step('0.bloom', ['0.weigh']),
  step('0.heat', ['0.weigh']),
  step('chill', ['0.heat']),
]

function mounted(given = steps, formula: Formula = blankFormula()) {
  const wrapper = mount(MethodDrawer, {
    props: { open: true, formula, steps: given },
    global: { stubs: { SideSheet: { template: '<div><slot /></div>' } } },
  })
  const changed = (entry: number) =>
    wrapper.emitted<[Formula, string]>('change')?.at(-1)?.[0].components[0]?.work?.[entry]
  return { wrapper, changed }
}

describe('the method in own words', () => {
  it('keeps other words under the code of the step', async () => {
    const { wrapper, changed } = mounted()
    await wrapper.get('[aria-label="Words of:  0.heat"]').setValue('Warm it gently.')
    expect(changed(0)).toMatchObject({ verb: 'heat', to: '70 °C', text: 'Warm it gently.' })
  })

  it('rewrites words that are there instead of adding to them', async () => {
    const formula = blankFormula()
    Object.assign(formula.components[0]?.work?.[0] ?? {}, { text: 'Old.', minutes: '4 min' })
    const { wrapper, changed } = mounted(steps, formula)
    await wrapper.get('[aria-label="Words of:  0.heat"]').setValue('New.')
    expect(changed(0)).toMatchObject({ verb: 'heat', text: 'New.', minutes: '4 min' })
  })

  it('offers to go earlier only past what is not waited for', async () => {
    const { wrapper, changed } = mounted()
    const earlier = wrapper.findAll('button').filter((b) => b.text() === 'earlier')
    expect(earlier).toHaveLength(1)
    await earlier[0]?.trigger('click')
    expect(changed(0)).toMatchObject({ verb: 'heat', before: 'bloom' })
  })

  it('adds a step of the cook after another', async () => {
    const { wrapper, changed } = mounted()
    await wrapper.findAll('button.add')[1]?.trigger('click')
    await wrapper.get('[aria-label="New step after 0.bloom"]').setValue('Have tea.')
    await wrapper.get('form').trigger('submit')
    expect(changed(2)).toEqual({ id: 'w3', verb: 'own', text: 'Have tea.', follows: 'bloom' })
  })

  it('goes back to the computed words', async () => {
    const formula = blankFormula()
    formula.components[0]?.work?.push({ id: 'w3', verb: 'bloom', text: 'Mine.' })
    const { wrapper, changed } = mounted([step('0.bloom', [], true)], formula)
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'as computed')
      ?.trigger('click')
    expect(changed(2)).toBeUndefined()
  })

  it('leaves the steps of the whole dessert as they are computed', () => {
    expect(mounted().wrapper.find('[aria-label="Words of:  chill"]').exists()).toBe(false)
  })
})
