import { enableAutoUnmount, mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { api, ApiProblem } from '@/api/client'
import { useFiles } from './useFiles'

enableAutoUnmount(afterEach)
afterEach(() => vi.restoreAllMocks())

function onAPage() {
  const taken = vi.fn<(id: string) => void>()
  let files: ReturnType<typeof useFiles> | undefined
  const wrapper = mount(
    defineComponent({
      setup() {
        files = useFiles(taken)
        return () => null
      },
    }),
  )
  return { wrapper, taken, files: files as unknown as ReturnType<typeof useFiles> }
}

function dropOf(file: File) {
  const event = new Event('drop', { cancelable: true }) as unknown as DragEvent
  Object.defineProperty(event, 'dataTransfer', { value: { types: ['Files'], files: [file] } })
  return event
}

it('takes a dropped file and opens what came of it', async () => {
  vi.spyOn(api, 'importFile').mockResolvedValue({ id: 'x', name: 'X' })
  const { taken, files } = onAPage()
  const event = dropOf(new File(['{}'], 'a.json'))
  window.dispatchEvent(event)
  await vi.waitFor(() => expect(taken).toHaveBeenCalledWith('x'))
  expect(event.defaultPrevented).toBe(true)
  expect(files.failed.value).toBe('')
})

it('says of a bad file what is wrong with it, and opens nothing', async () => {
  const problem = {
    code: 'file-invalid',
    path: '/served',
    field: '/served',
    value: '5',
    rule: 'string expected',
    fixes: [],
  }
  vi.spyOn(api, 'importFile').mockRejectedValue(
    new ApiProblem({ code: 'not-understood', title: '', status: 422, detail: '', problems: [problem] }),
  )
  const { taken, files } = onAPage()
  window.dispatchEvent(dropOf(new File(['{'], 'bad.json')))
  await vi.waitFor(() => expect(files.failed.value).toBe('bad.json'))
  expect(files.problems.value).toEqual([problem])
  expect(taken).not.toHaveBeenCalled()
  files.close()
  expect(files.failed.value).toBe('')
})

it('says so when nobody answers', async () => {
  vi.spyOn(api, 'importFile').mockRejectedValue(new TypeError('no network'))
  const { files } = onAPage()
  window.dispatchEvent(dropOf(new File(['{}'], 'a.json')))
  await vi.waitFor(() => expect(files.problems.value[0]?.rule).toContain('no answer'))
})

it('leaves text that is dragged about alone', () => {
  const { files } = onAPage()
  const event = new Event('dragover', { cancelable: true }) as unknown as DragEvent
  Object.defineProperty(event, 'dataTransfer', { value: { types: ['text/plain'], files: [] } })
  window.dispatchEvent(event)
  expect(event.defaultPrevented).toBe(false)
  expect(files.over.value).toBe(false)
})

it('hears nothing any more once the page is left', () => {
  vi.spyOn(api, 'importFile').mockResolvedValue({ id: 'x', name: 'X' })
  const { wrapper } = onAPage()
  wrapper.unmount()
  window.dispatchEvent(dropOf(new File(['{}'], 'a.json')))
  expect(api.importFile).not.toHaveBeenCalled()
})
