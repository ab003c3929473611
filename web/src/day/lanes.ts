import type { PlanAnswer, PlanTask } from '@/api/client'

export interface Block {
  task: PlanTask
  y: number
  height: number
  /** A wait: a thin line. */
  thin: boolean
  /** The same step stands in the lane of whoever does it: there it is held and focused. */
  copy: boolean
}

export interface Lane {
  key: string
  kind: 'hand' | 'dish' | 'machine' | 'cooler'
  name: string
  letter: string
  heading: string
  top: number
  height: number
  open: { from: number; to: number }[]
  blocks: Block[]
  holds: { key: string; dish: string; from: number; to: number; y: number; height: number }[]
  due: number[]
}

type Packed = (
  items: PlanTask[],
  from: (t: PlanTask) => number,
  to: (t: PlanTask) => number,
) => Map<PlanTask, number>

const ROW = 22
const GAP = 3
const HEADING = 22
const SHELVES = 46

const end = (t: PlanTask) => t.start + t.minutes

type Bare = Omit<Lane, 'top' | 'heading'>
const bare = (key: string, kind: Lane['kind'], name: string): Bare => ({
  key,
  kind,
  name,
  letter: '',
  height: ROW + 8,
  open: [],
  blocks: [],
  holds: [],
  due: [],
})

/** Everybody, every dessert, every machine that is used and every cooler, from the top down. */
export function lanesOf(answer: PlanAnswer, packed: Packed): Lane[] {
  const placed = answer.tasks.filter((t) => t.start)
  return stacked([
    ...hands(answer, placed, packed),
    ...dishes(answer, placed, packed),
    ...machines(answer, placed, packed),
    ...bowls(answer),
    ...coolers(answer),
  ])
}

const HEADINGS = { hand: 'Hands', dish: 'Desserts', machine: 'Machines', cooler: 'Coolers' }

/** One under the other; the first of a kind under its heading. */
function stacked(bares: Bare[]): Lane[] {
  let top = 0
  return bares.map((lane, i) => {
    const first = bares[i - 1]?.kind !== lane.kind
    if (first) top += HEADING
    const placed = {
      ...lane,
      top,
      heading: first ? HEADINGS[lane.kind] : '',
      blocks: lane.blocks.map((b) => ({ ...b, y: b.y + top })),
      holds: lane.holds.map((h) => ({ ...h, y: h.y + top })),
    }
    top += lane.height + GAP
    return placed
  })
}

/** Steps in rows, so that none lies over another. */
function inRows(tasks: PlanTask[], packed: Packed, copy: boolean) {
  const at = packed(
    tasks,
    (t) => t.start,
    (t) => Math.max(end(t), t.start + 1),
  )
  const blocks = tasks.map((task) => ({
    task,
    y: 3 + (at.get(task) ?? 0) * ROW,
    height: ROW - 4,
    thin: false,
    copy,
  }))
  return { blocks, height: Math.max(1, ...[...at.values()].map((r) => r + 1)) * ROW + 4 }
}

const hands = (answer: PlanAnswer, placed: PlanTask[], packed: Packed) =>
  answer.hands.map((hand) => ({
    ...bare(hand.id, 'hand', hand.role),
    open: hand.shifts,
    ...inRows(
      placed.filter((t) => t.hand === hand.id),
      packed,
      false,
    ),
  }))

/** Waits as thin lines; what is done at the same time lies in rows within the lane. */
const dishes = (answer: PlanAnswer, placed: PlanTask[], packed: Packed) =>
  answer.dishes.map((dish, i) => {
    const own = placed.filter((t) => t.dish === dish.id)
    const work = inRows(
      own.filter((t) => t.hand),
      packed,
      true,
    ).blocks
    const rows = 1 + Math.max(0, ...work.map((b) => (b.y - 3) / ROW))
    const row = (ROW + 4) / rows
    return {
      ...bare(dish.id, 'dish', dish.name),
      letter: String.fromCharCode(65 + (i % 26)),
      due: [dish.due],
      blocks: [
        ...own.filter((t) => !t.hand).map((task) => ({ task, y: 11, height: 8, thin: true, copy: false })),
        ...work.map((b) => ({ ...b, y: 2 + ((b.y - 3) / ROW) * row, height: row - 2 })),
      ],
    }
  })

function machines(answer: PlanAnswer, placed: PlanTask[], packed: Packed) {
  const used = (id: string) => placed.filter((t) => t.needs.includes(id))
  return answer.stores
    .filter((s) => used(s.id).length)
    .map((s) => ({
      ...bare(
        s.id,
        'machine',
        s.amount === 1 ? s.name.replace(/s$/, '') : `${s.amount} ${s.name.toLowerCase()}`,
      ),
      ...inRows(used(s.id), packed, true),
    }))
}

/** Bowls in use, one upon the other. */
const bowls = (answer: PlanAnswer) =>
  answer.stores
    .filter((s) => s.kind === 'bowls')
    .map((s) => ({
      ...bare(s.id, 'machine', `${s.amount} bowls`),
      height: SHELVES,
      holds: shelves(answer, s.id, s.amount),
    }))
    .filter((lane) => lane.holds.length)

const coolers = (answer: PlanAnswer) =>
  answer.stores
    .filter((s) => s.kind === 'cooler')
    .map((s) => ({
      ...bare(s.id, 'cooler', `${s.name}, ${s.amount / 100} shelves`),
      height: SHELVES,
      holds: shelves(answer, s.id, s.amount),
    }))
    .filter((lane) => lane.holds.length)

/** What stands in a cooler, each as high as its share of the shelves, one upon the other. */
function shelves(answer: PlanAnswer, store: string, amount: number): Lane['holds'] {
  const inside = answer.holds.filter((h) => h.what === store && h.to > h.from).sort((a, b) => a.from - b.from)
  const put: Lane['holds'] = []
  for (const h of inside) {
    const height = Math.max(6, (h.amount / Math.max(1, amount)) * SHELVES)
    const beside = put.filter((p) => p.from < h.to && h.from < p.to).sort((a, b) => b.y - a.y)
    let y = SHELVES - height
    for (const p of beside) if (y + height > p.y && y < p.y + p.height) y = p.y - height
    put.push({ key: `${h.dish}-${h.from}`, dish: h.dish, from: h.from, to: h.to, y: Math.max(0, y), height })
  }
  return put
}
