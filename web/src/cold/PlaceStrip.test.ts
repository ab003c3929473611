import { expect, it } from 'vitest'
import { LARDER, onBench, type } from '@/testing/onBench'
import type { Chill, Formula } from '@/api/client'
import { blankFormula } from '@/testing/starts'
import { addPlace } from './places'
import PlaceStrip from './PlaceStrip.vue'

const chill = {
  pouredAt: '14:00',
  bowls: [],
  milestones: [{ code: 'turns-out', label: 'May be turned out', minutes: 290 }],
  stays: [
    {
      name: 'Fridge',
      cooler: 'fridge-still',
      airC: 4,
      how: '',
      fromMinutes: 0,
      endMinutes: 300,
      clock: '14:00',
    },
    {
      name: 'Cool room',
      cooler: 'room',
      airC: 18,
      how: 'under film',
      fromMinutes: 300,
      endMinutes: 320,
      clock: '19:00',
    },
  ],
} as unknown as Chill
const two: Formula = addPlace(blankFormula(), 0, 'room', '20 min', '5 h')
const strip = (formula = two, open = true) =>
  onBench(PlaceStrip, { larder: LARDER, chill, until: 400, open }, formula)

it('each place is a button that says where, how cold, how long', () => {
  const { wrapper } = strip()
  const labels = wrapper.findAll('.stay').map((b) => b.attributes('aria-label'))
  expect(labels).toEqual([
    'Fridge, 4 °C, from 14:00, 5 h 00',
    'Cool room, 18 °C, from 19:00, 20 min, under film',
  ])
})

it('the end of a place moves by keys', async () => {
  const { wrapper, formula, places } = strip()
  const end = wrapper.findAll('[role=slider]')[0]
  expect(end?.attributes('aria-valuetext')).toBe('19:00, after 5 h 00')
  await end?.trigger('keydown', { key: 'ArrowRight' })
  expect(formula.value.cooler.places?.[0]?.stay).toBe('5 h 5 min')
  expect(places).toEqual(['/cooler/places/0/stay'])
  await end?.trigger('keydown', { key: 'PageDown' })
  expect(formula.value.cooler.places?.[0]?.stay).toBe('4 h')
})

it('a place that is added follows as soon as the dessert is ready', async () => {
  const { wrapper, formula } = strip({ ...blankFormula() }, false)
  await wrapper.get('[aria-label="Add a place"]').trigger('click')
  expect(formula.value.cooler.places?.map((s) => [s.of, s.stay])).toEqual([
    [undefined, '5 h'],
    ['room', '20 min'],
  ])
})

it('cover, stand and place of the chosen one are written; another place forgets the air', async () => {
  const { wrapper, formula } = strip()
  await wrapper.findAll('.stay')[1]?.trigger('click')
  const [place, cover, stand] = wrapper.findAll('select')
  await cover?.setValue('film')
  await stand?.setValue('tray')
  await place?.setValue('blast')
  expect(formula.value.cooler.places?.[1]).toEqual({
    of: 'blast',
    stay: '20 min',
    cover: 'film',
    stand: 'tray',
  })
  await type(wrapper.findAll('input')[0], '-5 °C')
  expect(formula.value.cooler.places?.[1]?.air).toBe('-5 °C')
})

it('is taken out and moved', async () => {
  const { wrapper, formula, button } = strip()
  await wrapper.get('[aria-label="Later"]').trigger('click')
  expect(formula.value.cooler.places?.map((s) => s.of)).toEqual(['room', undefined])
  await button('Take out').trigger('click')
  expect(formula.value.cooler.places ?? []).toHaveLength(1)
})
