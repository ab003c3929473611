import { useEventListener, useFileDialog } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { ApiProblem, type Problem } from '@/api/client'
import { useSend } from '@/answers/queries'

const UNREACHABLE: Problem = {
  code: 'unreachable',
  path: '',
  field: 'The file',
  value: '',
  rule: 'was not taken: no answer',
  fixes: [],
}

function carriesFile(event: DragEvent) {
  return event.dataTransfer?.types.includes('Files') ?? false
}

/** Takes formulas from files: chosen, or dropped anywhere on the page. A bad file changes nothing and says why. */
export function useFiles(taken: (id: string) => void) {
  const problems = shallowRef<Problem[]>([])
  const failed = ref('')
  const over = ref(false)
  const importFile = useSend('importFile')

  async function take(file: File) {
    problems.value = []
    failed.value = ''
    try {
      taken((await importFile(file)).id)
    } catch (error) {
      failed.value = file.name
      problems.value = error instanceof ApiProblem ? error.response.problems : [UNREACHABLE]
    }
  }

  const { open: choose, onChange } = useFileDialog({
    accept: '.json,application/json',
    multiple: false,
    reset: true,
  })
  onChange((files) => {
    if (files?.[0]) void take(files[0])
  })

  function dragover(event: DragEvent) {
    if (!carriesFile(event)) return
    event.preventDefault()
    over.value = true
  }

  function dragleave(event: DragEvent) {
    if (!event.relatedTarget) over.value = false
  }

  function drop(event: DragEvent) {
    if (!carriesFile(event)) return
    event.preventDefault()
    over.value = false
    const file = event.dataTransfer?.files[0]
    if (file) void take(file)
  }

  useEventListener('dragover', dragover)
  useEventListener('dragleave', dragleave)
  useEventListener('drop', drop)

  return { problems, failed, over, choose: () => choose(), close: () => (failed.value = '') }
}
