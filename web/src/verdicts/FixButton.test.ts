import { afterEach, describe, expect, it, vi } from 'vitest'
import { api, type Comparison, type Fix } from '@/api/client'
import { onBench } from '@/testing/onBench'
import { blankFormula } from '@/testing/starts'
import { setAt } from '@/document/document'
import FixButton from './FixButton.vue'

const fix: Fix = {
  label: 'Chill at 4 °C',
  effect: 'below 5 °C all through',
  changes: [
    { path: '/cooler/air', value: '4 °C' },
    { path: '/components/0/gels/0/amount', value: '11 g' },
  ],
}
const warm = setAt(blankFormula(), '/cooler/air', '28 °C')

describe('a fix', () => {
  afterEach(() => {
    vi.restoreAllMocks()
    document.body.innerHTML = ''
  })

  it('makes all of its changes as one, which undo takes back as one', async () => {
    const { button, formula, places } = onBench(FixButton, { fix }, warm)
    await button('Chill at 4 °C').trigger('click')
    expect(formula.value.cooler.air).toBe('4 °C')
    expect(formula.value.components[0]?.gels?.[0]?.amount).toBe('11 g')
    expect(places).toEqual([''])
  })

  it('changes the formula as it is when it is touched, not as it was when it was offered', async () => {
    const { button, formula } = onBench(FixButton, { fix }, warm)
    formula.value = setAt(formula.value, '/moulds/count', '5')
    await button('Chill at 4 °C').trigger('click')
    expect(formula.value.moulds.count).toBe('5')
    expect(formula.value.cooler.air).toBe('4 °C')
  })

  it('shows what it would do to the whole dessert when the focus is on it, and changes nothing', async () => {
    const asked = vi.spyOn(api, 'compare').mockResolvedValue({
      after: 'Sets by 18:40.',
      figures: [
        { name: 'Firmness', before: '40', after: '48', differs: true },
        { name: 'Portion', before: '90 g', after: '90 g', differs: false },
      ],
    } as unknown as Comparison)
    const { button, formula, settled } = onBench(FixButton, { fix }, warm)
    vi.useFakeTimers()
    await button('Chill at 4 °C').trigger('focus')
    await vi.runAllTimersAsync()
    vi.useRealTimers()
    await settled()
    expect(asked.mock.calls[0]?.[1].cooler.air).toBe('4 °C')
    const preview = document.querySelector('[data-testid=preview]')
    expect(preview?.textContent).toContain('Sets by 18:40.')
    expect(preview?.textContent).toContain('Firmness4048')
    expect(preview?.textContent).not.toContain('Portion')
    expect(formula.value).toBe(warm)
  })

  it('shows a preview that never lies between the finger and the button', async () => {
    vi.spyOn(api, 'compare').mockReturnValue(new Promise(() => undefined))
    const { button } = onBench(FixButton, { fix }, warm)
    vi.useFakeTimers()
    await button('Chill at 4 °C').trigger('focus')
    await vi.runAllTimersAsync()
    vi.useRealTimers()
    const popover = document.querySelector<HTMLElement>('.ant-popover')
    expect(popover?.textContent).toContain('Computing…')
    expect(popover?.classList).toContain('only-looked-at')
  })
})
