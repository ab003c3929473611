import type { Formula, Stay } from '@/api/client'

/** Pure changes to the places of a formula; each gives a new document. */

/** The places as they count: without any, the cooler alone. */
export function placesOf(formula: Formula): Stay[] {
  return formula.cooler.places?.length ? formula.cooler.places : [{}]
}

function withPlaces(formula: Formula, places: Stay[]): Formula {
  return { ...formula, cooler: { ...formula.cooler, places: places.length ? places : undefined } }
}

/** What is emptied is not written any more. */
function written(stay: Stay, field: keyof Stay, value: string): Stay {
  const copy = { ...stay }
  if (value) copy[field] = value
  else Reflect.deleteProperty(copy, field)
  return copy
}

export function setStay(formula: Formula, index: number, field: keyof Stay, value: string): Formula {
  return withPlaces(
    formula,
    placesOf(formula).map((stay, i) => (i === index ? written(stay, field, value) : stay)),
  )
}

/** Puts a place after another; the one before it gets an end where it has none. */
export function addPlace(
  formula: Formula,
  after: number,
  place: string,
  stay: string,
  endsAfter: string,
): Formula {
  const places = placesOf(formula).map((s, i) => (i === after && !s.stay ? { ...s, stay: endsAfter } : s))
  const last = after === places.length - 1
  const lasts = stay || (last ? '' : '30 min')
  places.splice(after + 1, 0, { ...(place && { of: place }), ...(lasts && { stay: lasts }) })
  return withPlaces(formula, places)
}

/** Takes a place out; one must stay. */
export function removePlace(formula: Formula, index: number): Formula {
  const places = placesOf(formula).filter((_, i) => i !== index)
  return withPlaces(formula, places.length ? places : [])
}

/** Moves a place sooner (-1) or later (+1). What had no end, moved up, gets one. */
export function movePlace(formula: Formula, index: number, by: number): Formula {
  const places = [...placesOf(formula)]
  const to = index + by
  if (to < 0 || to >= places.length) return formula
  const [moved] = places.splice(index, 1)
  if (moved) places.splice(to, 0, moved)
  return withPlaces(
    formula,
    places.map((s, i) => (i < places.length - 1 && !s.stay ? { ...s, stay: '6 h' } : s)),
  )
}
