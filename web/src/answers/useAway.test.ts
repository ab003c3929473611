import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})

it('says that the database is away, asks until it is back, and then asks everything again', async () => {
  let back = false
  vi.stubGlobal('fetch', async (asked: Request | string) => {
    const address = typeof asked === 'string' ? asked : asked.url
    if (address.includes('readiness')) return new Response('', { status: back ? 200 : 503 })
    return new Response(
      JSON.stringify({ code: 'database-away', title: '', status: 503, detail: '', problems: [] }),
      {
        status: 503,
        headers: { 'Content-Type': 'application/problem+json' },
      },
    )
  })
  // The client takes the fetch that there is when it is read.
  vi.resetModules()
  const { api } = await import('@/api/client')
  const { queries } = await import('./queries')
  const { useAway } = await import('./useAway')
  const again = vi.spyOn(queries, 'invalidateQueries').mockResolvedValue()
  const scope = effectScope()
  const away = scope.run(useAway)
  expect(away?.value).toBe(false)
  await expect(api.larder()).rejects.toThrow()
  expect(away?.value).toBe(true)
  await vi.advanceTimersByTimeAsync(10_000)
  expect(away?.value).toBe(true)
  expect(again).not.toHaveBeenCalled()
  back = true
  await vi.advanceTimersByTimeAsync(2500)
  expect(away?.value).toBe(false)
  expect(again).toHaveBeenCalledTimes(1)
  scope.stop()
})
