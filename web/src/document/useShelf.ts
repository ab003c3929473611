import { Modal } from 'ant-design-vue'
import { useRouter } from 'vue-router'
import type { Formula } from '@/api/client'
import { ask, useAgain, useSend } from '@/answers/queries'

/** New formulas, and those that go. */
export function useShelf(open: (id: string) => unknown) {
  const router = useRouter()
  const askAgain = useAgain()
  const createFormula = useSend('create')
  const removeFormula = useSend('remove')
  const listAgain = async () => {
    await askAgain(['formulas'], ['book'])
  }

  async function create(document: Formula) {
    const made = await createFormula(document)
    await listAgain()
    await open(made.id)
  }

  async function begin() {
    await create((await ask('starts')).formula)
  }

  /** Asks first. */
  function remove(id: string, name: string | undefined, version: number) {
    Modal.confirm({
      title: `Delete “${name}”?`,
      content:
        'If nothing was made of it, this cannot be undone. With batches in its log it is only put away, and its log stays.',
      okText: 'Delete',
      okButtonProps: { danger: true },
      onOk: async () => {
        await removeFormula(id, version)
        await listAgain()
        await router.push('/')
      },
    })
  }

  return { begin, create, remove }
}
