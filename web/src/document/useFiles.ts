import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { api, ApiProblem, type Problem } from '@/api/client'

/** Takes formulas from files: chosen, or dropped anywhere on the page. A bad file changes nothing and says why. */
export function useFiles(taken: (id: string) => void) {
  const problems = shallowRef<Problem[]>([])
  const failed = ref('')
  const over = ref(false)

  async function take(file: File) {
    problems.value = []
    failed.value = ''
    try {
      taken((await api.importFile(file)).id)
    } catch (error) {
      failed.value = file.name
      problems.value =
        error instanceof ApiProblem
          ? error.response.problems
          : [
              {
                code: 'unreachable',
                path: '',
                field: 'The file',
                value: '',
                rule: 'was not taken: no answer',
                fixes: [],
              },
            ]
    }
  }

  function choose() {
    const input = document.createElement('input')
    input.type = 'file'
    input.accept = '.json,application/json'
    input.onchange = () => {
      if (input.files?.[0]) void take(input.files[0])
    }
    input.click()
  }

  function carriesFile(event: DragEvent) {
    return event.dataTransfer?.types.includes('Files') ?? false
  }

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

  onMounted(() => {
    window.addEventListener('dragover', dragover)
    window.addEventListener('dragleave', dragleave)
    window.addEventListener('drop', drop)
  })
  onBeforeUnmount(() => {
    window.removeEventListener('dragover', dragover)
    window.removeEventListener('dragleave', dragleave)
    window.removeEventListener('drop', drop)
  })

  return { problems, failed, over, choose, close: () => (failed.value = '') }
}
